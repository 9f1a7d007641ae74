<?php

declare(strict_types=1);

namespace App\Imports\Viewers;

use App\Imports\ImportException;
use App\Imports\Limits;
use App\Imports\XmlText;
use App\Text\Refusals;
use KeenShadow\Core\Viewers\Pattern\Outline;
use KeenShadow\Core\Viewers\ViewerException;
use XMLReader;

/**
 * The outlines of a simple SVG 1.1 drawing: paths, lines, polygons, rectangles, circles and ellipses, as they are transformed. What
 * runs, fetches or embeds something is refused with the whole file; text, style and anything else is passed over.
 */
final class SvgOutline
{
    public const KILOBYTES = 1024;
    private const REFUSED = ['script', 'foreignobject', 'image', 'feimage', 'iframe', 'embed', 'object', 'audio', 'video', 'animate', 'animatetransform', 'animatemotion', 'set', 'handler', 'use'];
    /** What is in these is not drawn where it stands. */
    private const NOT_DRAWN = ['defs', 'clippath', 'mask', 'symbol', 'pattern', 'marker', 'metadata'];

    /** @var list<SvgTransform> of the elements around, innermost last */
    private array $around;
    private int $hiddenAt = PHP_INT_MAX;
    private int $points = 0;
    /** @var list<list<array{float, float}>> */
    private array $strokes = [];

    private function __construct()
    {
        $this->around = [SvgTransform::none()];
    }

    /** @throws ImportException when it is no SVG, does more than draw, or draws nothing */
    public static function read(string $text): Outline
    {
        if (strlen($text) > 1024 * self::KILOBYTES) {
            throw new ImportException(__('A drawing is at most :most kB.', ['most' => self::KILOBYTES]));
        }
        $file = new self();
        XmlText::walk($text, 'SVG', $file->node(...));
        try {
            return Outline::of($file->strokes);
        } catch (ViewerException $e) {
            throw new ImportException(Refusals::words($e));
        }
    }

    private function node(XMLReader $reader): void
    {
        if ($reader->nodeType === XMLReader::PI && strtolower($reader->name) !== 'xml') {
            throw self::refused("<?{$reader->name}");
        }
        if ($reader->nodeType !== XMLReader::ELEMENT) {
            return;
        }
        $name = strtolower($reader->localName);
        if ($reader->depth === 0 && $name !== 'svg') {
            throw new ImportException(__('This is no SVG drawing.'));
        }
        if (in_array($name, self::REFUSED, true)) {
            throw self::refused("<{$name}>");
        }
        if ($name === 'style' && preg_match('/@import|url\s*\(/i', $reader->readString()) === 1) {
            throw self::refused('<style>');
        }
        $attributes = self::attributes($reader);
        $depth = $reader->depth;
        $this->hiddenAt = $depth <= $this->hiddenAt ? PHP_INT_MAX : $this->hiddenAt;
        if ($this->hiddenAt === PHP_INT_MAX && in_array($name, self::NOT_DRAWN, true)) {
            $this->hiddenAt = $depth;
        }
        $this->around = array_slice($this->around, 0, $depth + 1);
        $transform = $this->around[$depth]->then(SvgTransform::read($attributes['transform'] ?? ''));
        $this->around[] = $transform;
        if ($this->hiddenAt === PHP_INT_MAX) {
            foreach (SvgShape::strokes($name, $attributes) as $stroke) {
                $this->points += count($stroke);
                Limits::hold($this->points, Limits::POINTS, __('points'));
                $this->strokes[] = array_map($transform->apply(...), $stroke);
            }
        }
    }

    /** @return array<string, string> */
    private static function attributes(XMLReader $reader): array
    {
        $attributes = [];
        while ($reader->moveToNextAttribute()) {
            $name = strtolower($reader->localName);
            $isLink = $name === 'href' || $name === 'src';
            if (str_starts_with($name, 'on') || $isLink && !str_starts_with(trim($reader->value), '#') || preg_match('/javascript:|data:|url\s*\(\s*["\']?(?!#)/i', $reader->value) === 1) {
                throw self::refused($name);
            }
            $attributes[$name] = $reader->value;
        }
        $reader->moveToElement();

        return $attributes;
    }

    private static function refused(string $what): ImportException
    {
        return new ImportException(__('The drawing does more than draw (:what): save it as plain outlines.', ['what' => $what]));
    }
}
