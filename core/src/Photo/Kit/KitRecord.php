<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

use KeenShadow\Core\Photo\Given;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Sensor;

/** A piece of kit as a record of names and plain values, as it is stored and as files have it; see docs/FORMATS.md. */
final class KitRecord
{
    private const UM = 1000;

    /**
     * @param array<array-key, mixed> $given by name
     *
     * @throws PhotoException when it makes no sense, naming the key
     */
    public static function read(KitKind $kind, array $given): Camera|Optics|FrontFilter|Mount
    {
        $of = new Given($given);

        return match ($kind) {
            KitKind::Camera => self::camera($of),
            KitKind::Optics => Optics::of($of->word('build', OpticsBuild::class), $of->number(Measure::Focal), $of->number(Measure::FNumber), $of->numberOrNull(Measure::Aperture)),
            KitKind::Filter => FrontFilter::of($of->word('make', FilterMake::class), $of->word('seat', FilterSeat::class), $of->word('fixing', Fixing::class), $of->numberOrNull(Measure::Opening)),
            KitKind::Mount => new Mount($of->isSo('tracks')),
        };
    }

    /** @return array<string, mixed> */
    public static function write(Camera|Optics|FrontFilter|Mount $item): array
    {
        return match (true) {
            $item instanceof Camera => [
                'is_phone' => $item->isPhone(),
                Measure::Side->value => [$item->sensor->widthMm, $item->sensor->heightMm],
                Measure::Pixel->value => round($item->sensor->pixelMm * self::UM, 6),
                Measure::Iso->value => [$item->leastIso, $item->mostIso],
                Measure::FramesPerSecond->value => $item->framesPerS,
                Measure::Buffer->value => $item->bufferFrames,
                Measure::Write->value => $item->writeS,
            ] + ($item->ownLens === null ? [] : [Measure::Focal->value => $item->ownLens->focalMm, Measure::FNumber->value => $item->ownLens->fNumber]),
            $item instanceof Optics => ['build' => $item->build->value, Measure::Focal->value => $item->focalMm, Measure::FNumber->value => $item->fNumber, Measure::Aperture->value => $item->ownApertureMm],
            $item instanceof FrontFilter => ['make' => $item->make->value, 'seat' => $item->seat->value, 'fixing' => $item->fixing->value, Measure::Opening->value => $item->openingMm],
            $item instanceof Mount => ['tracks' => $item->tracks],
        };
    }

    private static function camera(Given $of): Camera
    {
        [$widthMm, $heightMm] = $of->two(Measure::Side);
        [$leastIso, $mostIso] = $of->two(Measure::Iso);

        return Camera::of(
            Sensor::of($widthMm, $heightMm, $of->number(Measure::Pixel)),
            $leastIso,
            $mostIso,
            $of->number(Measure::FramesPerSecond),
            $of->whole(Measure::Buffer),
            $of->number(Measure::Write),
            $of->isSo('is_phone') ? Optics::of(OpticsBuild::Lens, $of->number(Measure::Focal), $of->number(Measure::FNumber)) : null,
        );
    }
}
