<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use KeenShadow\Core\Sky\LocalKind;

/** A cue that is usual, by its code; its words are where the language is known. */
final readonly class UsualCue
{
    private function __construct(public string $code, public CueKind $kind, public Anchor $anchor, public int $offsetS, public int $durationS, public ?Clouds $clouds) {}

    /**
     * What is usual for such an event at such an eclipse (common practice, no source), as far as what it hangs on happens
     * with the Sun up. Where filters stay on, nothing is taken from the cues of totality.
     *
     * @param bool $mayComeOff whether the rule about filters lets them come off
     *
     * @return list<self>
     */
    public static function for(Occasion $occasion, Moments $moments, bool $mayComeOff): array
    {
        $isRing = !$mayComeOff && $moments->of(Anchor::C2) !== null && !$moments->isDown(Anchor::C2) && $moments->here->circumstances->kind === LocalKind::Annular;
        $sky = match (true) {
            $mayComeOff => 'total',
            $isRing => 'ring',
            default => 'partial',
        };
        /** @var list<array{0: string, 1: string, 2: string, 3: int, 4: int, 5: list<string>, 6: list<string>, 7?: string}> $rows */
        $rows = require __DIR__ . '/../../../data/usual-cues.php';
        $cues = [];
        foreach ($rows as $row) {
            [$code, $kind, $anchor, $offsetS, $durationS, $skies, $occasions] = $row;
            $cue = new self($code, CueKind::from($kind), self::anchor(CueKind::from($kind), Anchor::from($anchor), $moments), $offsetS, $durationS, Clouds::tryFrom($row[7] ?? ''));
            $isUsual = ($skies === [] || in_array($sky, $skies, true)) && ($occasions === [] || in_array($occasion->value, $occasions, true));
            $isCut = $anchor !== Anchor::Sunset->value || $moments->here->cutBy()?->isRise === false;
            if ($isUsual && $isCut && $moments->of($cue->anchor) !== null && !$moments->isDown($cue->anchor)) {
                $cues[] = $cue;
            }
        }

        return $cues;
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
