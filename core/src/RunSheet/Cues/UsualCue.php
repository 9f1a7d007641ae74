<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use Closure;
use DateInterval;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\Sky\LocalKind;
use UnexpectedValueException;

/**
 * A cue that is usual, by its code; its words are where the language is known.
 *
 * @phpstan-type UsualRow array{0: string, 1: string, 2: string, 3: int, 4: int, 5: list<string>, 6: list<string>, clouds?: string, needs?: string, eyes?: string}
 */
final readonly class UsualCue
{
    private function __construct(public string $code, public CueKind $kind, public Anchor $anchor, public int $offsetS, public int $durationS, public ?Clouds $clouds, public ?CueNeed $needs, public ?Gaze $eyes) {}

    /**
     * What is usual for such an event at such an eclipse (common practice, no source), as far as what it hangs on happens
     * with the Sun up. Where filters stay on, nothing is taken from the cues of totality.
     *
     * @return list<self>
     */
    public static function for(Occasion $occasion, Moments $moments): array
    {
        $filters = $moments->filters();
        $sky = self::sky($moments, $filters);

        return self::read($moments, $filters, static fn(array $skies, array $occasions): bool => ($skies === [] || in_array($sky, $skies, true)) && ($occasions === [] || in_array($occasion->value, $occasions, true)));
    }

    /**
     * What is called out of the sky itself, whatever kind of event it is: a place that sees another eclipse than the event has these of its own.
     *
     * @return list<self>
     */
    public static function ofSky(Moments $moments): array
    {
        $filters = $moments->filters();
        $sky = self::sky($moments, $filters);

        $ofSky = self::read($moments, $filters, static fn(array $skies, array $occasions): bool => in_array($sky, $skies, true) && $occasions === []);

        return array_values(array_filter($ofSky, static fn(self $cue): bool => $cue->kind === CueKind::Call));
    }

    /** @throws UnexpectedValueException when there is none of that code */
    public static function named(string $code): self
    {
        foreach (self::rows() as $row) {
            if ($row[0] === $code) {
                return self::row($row, Anchor::from($row[2]));
            }
        }

        throw new UnexpectedValueException($code);
    }

    /** As a line of a run sheet. */
    public function cue(string $id, string $name, string $crew, string $call): Cue
    {
        return Cue::of($id, $this->kind, $name, $this->anchor, $this->offsetS, durationS: $this->durationS, crew: $crew, call: $call, clouds: $this->clouds, needs: $this->needs, eyes: $this->eyes);
    }

    private static function sky(Moments $moments, Filters $filters): string
    {
        $isRing = $moments->of(Anchor::C2) !== null && !$moments->isDown(Anchor::C2) && $moments->here->circumstances->kind === LocalKind::Annular;

        return match (true) {
            $filters->mayComeOff() => 'total',
            $isRing => 'ring',
            default => 'partial',
        };
    }

    /**
     * @param Closure(list<string>, list<string>): bool $isUsual of skies and occasions
     *
     * @return list<self>
     */
    private static function read(Moments $moments, Filters $filters, Closure $isUsual): array
    {
        $cues = [];
        foreach (self::rows() as $row) {
            $cue = self::row($row, self::anchor(CueKind::from($row[1]), Anchor::from($row[2]), $moments));
            $isCut = $row[2] !== Anchor::Sunset->value || $moments->here->cutBy()?->isRise === false;
            if ($isUsual($row[5], $row[6]) && $isCut && $moments->of($cue->anchor) !== null && !$moments->isDown($cue->anchor) && $cue->hasATime($moments, $filters)) {
                $cues[] = $cue;
            }
        }

        return $cues;
    }

    /** Whether what it needs is seen there. */
    private function hasATime(Moments $moments, Filters $filters): bool
    {
        $at = $moments->of($this->anchor);
        if ($this->needs === null || $at === null) {
            return $this->needs === null;
        }
        $begins = $at->add(self::seconds($this->offsetS));

        return $this->needs->isMet($begins, $begins->add(self::seconds($this->durationS)), $moments, $filters);
    }

    private static function seconds(int $seconds): DateInterval
    {
        $interval = new DateInterval('PT' . abs($seconds) . 'S');
        $interval->invert = $seconds < 0 ? 1 : 0;

        return $interval;
    }

    /** @param UsualRow $row */
    private static function row(array $row, Anchor $anchor): self
    {
        return new self($row[0], CueKind::from($row[1]), $anchor, $row[3], $row[4], Clouds::tryFrom($row['clouds'] ?? ''), CueNeed::tryFrom($row['needs'] ?? ''), Gaze::tryFrom($row['eyes'] ?? ''));
    }

    /** @return list<UsualRow> */
    private static function rows(): array
    {
        /** @var list<UsualRow> $rows */
        $rows = require __DIR__ . '/../../../data/usual-cues.php';

        return $rows;
    }

    /** Where the eclipse begins or ends with the Sun down, whatever is no call hangs on sunrise or sunset instead. */
    private static function anchor(CueKind $kind, Anchor $anchor, Moments $moments): Anchor
    {
        $instead = match ($anchor) {
            Anchor::C1 => Anchor::Sunrise,
            Anchor::C4 => Anchor::Sunset,
            default => $anchor,
        };

        return $kind !== CueKind::Call && $moments->isDown($anchor) && $moments->of($instead) !== null ? $instead : $anchor;
    }
}
