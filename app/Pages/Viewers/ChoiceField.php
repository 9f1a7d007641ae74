<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\HandlingWords;
use App\Text\ViewersWords;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Design\Kind;

/** Something about a design that is chosen from a list. */
final readonly class ChoiceField
{
    /** @param array<array-key, string> $options words by the value; blank is unknown */
    private function __construct(
        public string $name,
        public string $label,
        public array $options,
        public string $value,
    ) {}

    /** @return list<self> how it is made */
    public static function ofTheBuild(Design $design): array
    {
        $kind = $design->kind();

        return [
            ...$kind->isHole() ? [new self('hole_shape', __('Shape of the hole'), ViewersWords::shapes(), $design->shape->value)] : [],
            new self('surroundings', __('The screen is'), ViewersWords::surroundings(), $design->surroundings->value),
            new self('screen_side', __('It is seen'), ViewersWords::sides(), $design->side->value),
            ...$kind->instruments() === [] ? [] : [new self('instrument', HandlingWords::label(Part::Instrument), array_slice(HandlingWords::options($kind->instruments()), $kind === Kind::Mirror ? 1 : 0), (string) $design->instrument)],
            ...$kind === Kind::Eyepiece ? [new self('eyepiece', HandlingWords::label(Part::Eyepiece), HandlingWords::options(Part::Eyepiece->words()), (string) $design->eyepiece)] : [],
        ];
    }

    /** @return list<self> what the crew sees to, where the rule book asks for it */
    public static function ofTheHandling(Design $design): array
    {
        $asked = match (true) {
            $design->kind() === Kind::Mirror => [Part::Attended, Part::PeopleInBeam],
            $design->kind() === Kind::Lens => [Part::Mounted, Part::Attended, Part::PeopleInBeam],
            $design->kind() === Kind::Eyepiece => DesignRecord::HANDLING,
            default => [],
        };

        return array_map(static function (Part $part) use ($design): self {
            $value = $design->handling[$part->value] ?? '';

            return new self($part->value, HandlingWords::label($part), HandlingWords::options($part->words()), is_bool($value) ? (string) (int) $value : $value);
        }, $asked);
    }
}
