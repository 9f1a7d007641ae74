<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\RunSheet\Fields;
use KeenShadow\Core\RunSheet\RunSheetException;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Time\JulianDate;

/** The usual cues of a place and an eclipse, asked for by names and plain values; see docs/FORMATS.md. */
final readonly class UsualRequest
{
    private const INSTANT = 'Y-m-d\TH:i:s.v\Z';

    /** @param non-empty-list<Occasion> $occasions */
    private function __construct(private LocalEclipse $here, private array $occasions) {}

    /**
     * @param array<array-key, mixed> $given
     *
     * @throws RunSheetException|SkyException naming the key
     */
    public static function read(array $given): self
    {
        $fields = new Fields($given, '');
        $observer = Observer::at($fields->number('lat'), $fields->number('lon'), $fields->has('height_m') ? $fields->number('height_m') : 0.0);
        $zone = $fields->text('timezone');
        if (!in_array($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            throw RunSheetException::noZone('timezone', $zone);
        }
        $eclipse = (new EclipseSearch())->onDate($fields->text('eclipse'));

        return new self(LocalEclipse::seenFrom($eclipse, $observer, new DateTimeZone($zone), new Ephemeris()), $fields->has('kind') ? [$fields->word('kind', Occasion::class)] : Occasion::cases());
    }

    /**
     * @param callable(UsualCue): string $call what is called out
     *
     * @return list<array{at: string, until: string, key: string, call: string, sun_azimuth_deg: float, sun_altitude_deg: float, covered: float}> in order of time
     */
    public function answer(callable $call): array
    {
        $moments = new Moments($this->here, []);
        $cues = [];
        foreach ($this->occasions as $occasion) {
            $cues += array_column(array_map(static fn(UsualCue $cue): array => [$cue->code, $cue], UsualCue::for($occasion, $moments)), 1, 0);
        }
        $sheet = Sheet::of(array_values(array_map(static fn(UsualCue $cue): Cue => $cue->cue($cue->code, $cue->code, '', $call($cue)), $cues)));
        $rows = [];
        foreach ($sheet->placed($moments) as $placed) {
            if ($placed->begins !== null && $placed->ends !== null) {
                $sun = $this->sun($placed->begins);
                $rows[] = [
                    'at' => self::instant($placed->begins),
                    'until' => self::instant($placed->ends),
                    'key' => $placed->cue->id,
                    'call' => $placed->cue->call,
                    'sun_azimuth_deg' => round($sun->azimuthDeg, 3),
                    'sun_altitude_deg' => round($sun->altitudeDeg, 3),
                    'covered' => round($this->covered($placed), 6),
                ];
            }
        }

        return $rows;
    }

    /** Also of days before the eclipse. */
    private function sun(DateTimeImmutable $moment): Bearing
    {
        $path = SunPath::over($moment->modify('-1 hour'), $moment->modify('+1 hour'), $this->here->observer, $this->here->eclipse->deltaT);
        $ut = JulianDate::fromDateTime($moment);

        return new Bearing($path->azimuthDeg($ut), Horizon::apparentAltitudeDeg($path->altitudeDeg($ut)));
    }

    /** Share of the Sun's area at its beginning. */
    private function covered(PlacedCue $placed): float
    {
        return $placed->begins === null || $placed->begins < $this->here->begins() || $placed->begins > $this->here->ends() ? 0.0 : $this->here->at($placed->begins)->obscuration();
    }

    private static function instant(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new DateTimeZone('UTC'))->format(self::INSTANT);
    }
}
