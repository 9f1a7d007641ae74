<?php

declare(strict_types=1);

namespace App\Imports;

use XMLReader;

/** GPX 1.1 and KML 2.2. */
final class GeoXml
{
    private const KML = ['Polygon' => GeoKind::Area, 'LineString' => GeoKind::Line, 'Point' => GeoKind::Point];
    private const GPX = ['wpt' => GeoKind::Point, 'trk' => GeoKind::Track, 'rte' => GeoKind::Track];
    private const GPX_POINTS = ['wpt', 'trkpt', 'rtept'];

    /** @var list<GeoShape> */
    private array $shapes = [];
    /** @var list<string> the elements around what is read */
    private array $around = [];
    private ?GeoKind $kind = null;
    /** @var list<array{string, string, string}> */
    private array $positions = [];
    /** @var array<string, string> */
    private array $texts = [];
    /** @var list<array{GeoKind, string}> geometries of a placemark, its name may come after them */
    private array $geometries = [];
    private int $points = 0;

    private function __construct(private readonly int $mostShapes) {}

    /**
     * @return list<GeoShape> in the order of the file
     *
     * @throws ImportException when it is not well-formed or holds too much
     */
    public static function read(string $path, int $mostShapes): array
    {
        $file = new self($mostShapes);
        XmlText::walk((string) file_get_contents($path), 'GPX or KML', $file->node(...));

        return $file->shapes;
    }

    private function node(XMLReader $reader): void
    {
        switch ($reader->nodeType) {
            case XMLReader::ELEMENT:
                $isEmpty = $reader->isEmptyElement;
                $this->begin($reader->localName, $reader);
                if ($isEmpty) {
                    $this->end();
                }
                break;
            case XMLReader::TEXT:
            case XMLReader::CDATA:
                $this->text($reader->value);
                break;
            case XMLReader::END_ELEMENT:
                $this->end();
        }
    }

    private function begin(string $name, XMLReader $reader): void
    {
        $this->around[] = $name;
        if (isset(self::GPX[$name]) || $name === 'Placemark') {
            [$this->kind, $this->positions, $this->texts, $this->geometries] = [self::GPX[$name] ?? null, [], [], []];
        }
        if (in_array($name, self::GPX_POINTS, true) && $this->kind !== null) {
            $this->hold(1);
            $this->positions[] = [(string) $reader->getAttribute('lon'), (string) $reader->getAttribute('lat'), ''];
        }
        if (isset(self::KML[$name])) {
            $this->geometries[] = [self::KML[$name], ''];
        }
    }

    private function text(string $text): void
    {
        $name = $this->around[count($this->around) - 1] ?? '';
        $parent = $this->around[count($this->around) - 2] ?? '';
        $last = count($this->positions) - 1;
        if ($name === 'ele' && in_array($parent, self::GPX_POINTS, true) && $last >= 0) {
            $position = $this->positions[$last];
            $this->positions[$last] = [$position[0], $position[1], $position[2] . $text];
        } elseif (in_array($name, ['name', 'desc', 'type'], true) && (isset(self::GPX[$parent]) || $parent === 'Placemark')) {
            $this->texts[$name] = ($this->texts[$name] ?? '') . $text;
        } elseif ($name === 'coordinates' && $this->geometries !== [] && $this->geometries[count($this->geometries) - 1][1] === '') {
            // The first ring is the outer one; holes in an area are passed over.
            $this->geometries[count($this->geometries) - 1][1] = $text;
        }
    }

    private function end(): void
    {
        $name = array_pop($this->around);
        if ($name === 'Placemark') {
            foreach ($this->geometries as [$kind, $coordinates]) {
                $this->add(new GeoShape($kind, $this->tuples($coordinates), ['name' => $this->texts['name'] ?? '']));
            }
            $this->geometries = [];
        } elseif ($this->kind !== null && $this->kind === (self::GPX[$name] ?? null)) {
            $this->add(new GeoShape($this->kind, $this->positions, $this->properties()));
            $this->kind = null;
        }
    }

    private function add(GeoShape $shape): void
    {
        $this->shapes[] = $shape;
        Limits::hold(count($this->shapes), $this->mostShapes, __('things'));
    }

    private function hold(int $points): void
    {
        $this->points += $points;
        Limits::hold($this->points, Limits::POINTS, __('points'));
    }

    /** @return list<list<string>> */
    private function tuples(string $coordinates): array
    {
        $this->hold(substr_count($coordinates, ',') >> 1);
        $tuples = preg_split('/\s+/', $coordinates, -1, PREG_SPLIT_NO_EMPTY);

        return array_map(static fn(string $tuple): array => explode(',', $tuple, 4), $tuples === false ? [] : $tuples);
    }

    /**
     * Name, and what our own GPX says in <type> ("building") and <desc> ("height_m=9 radius_m=0 sill_m=0").
     *
     * @return array<string, string>
     */
    private function properties(): array
    {
        preg_match_all('/\b(\w+)=([\d.]+)/', substr($this->texts['desc'] ?? '', 0, Limits::CELL_BYTES), $pairs);

        return ['name' => $this->texts['name'] ?? '', 'kind' => $this->texts['type'] ?? ''] + array_combine($pairs[1], $pairs[2]);
    }
}
