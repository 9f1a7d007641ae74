<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;

/** The answer to "what will be seen here, and when?" in words. */
final readonly class SkyAnswer
{
    private function __construct(
        public string $headline,
        public string $detail,
        public ?string $horizonNote,
        public ?string $edgeNote,
    ) {}

    public static function of(LocalEclipse $here): self
    {
        return new self(self::headline($here), self::detail($here), self::horizonNote($here), self::edgeNote($here));
    }

    /** The largest words on the page. */
    private static function headline(LocalEclipse $here): string
    {
        $c = $here->circumstances;
        $duration = $c->durationSeconds();
        $begin = $c->contact(ContactName::C2);
        if ($duration !== null && $begin !== null && $c->seenKind() === $c->kind) {
            return __(self::centralWords($here), [
                'length' => Durations::toTheSecond($duration),
                'time' => Clock::over($here)->secondAndZone($begin->time()),
            ]);
        }
        $best = $here->bestVisible();

        return __('Partial: :percent % of the Sun\'s area covered at :time', [
            'percent' => Numbers::percent($best->obscuration()),
            'time' => Clock::over($here)->secondAndZone($best->time()),
        ]);
    }

    private static function centralWords(LocalEclipse $here): string
    {
        $c = $here->circumstances;

        return match (true) {
            $c->isNearEdgeOfPath() && $c->kind === LocalKind::Total => 'At the edge of the path: perhaps totality for :length, from :time',
            $c->isNearEdgeOfPath() => 'At the edge of the path: perhaps a ring for :length, from :time',
            $c->isCentralPhaseCut() && $c->kind === LocalKind::Total => 'Totality :length, from :time, cut by the horizon',
            $c->isCentralPhaseCut() => 'A ring for :length, from :time, cut by the horizon',
            $c->kind === LocalKind::Total => 'Totality :length, from :time',
            default => 'A ring for :length, from :time',
        };
    }

    private static function detail(LocalEclipse $here): string
    {
        $v = $here->circumstances->maximum;
        $names = [
            'time' => Clock::over($here)->second($v->time()),
            'altitude' => Angles::degrees($v->altitudeDeg(), 0),
            'compass' => SkyWords::compass($v->azimuthDeg()),
            'magnitude' => Numbers::magnitude($v->magnitude()),
            'percent' => Numbers::percent($v->obscuration()),
        ];

        return $v->isSunUp()
            ? __('Maximum :time: Sun :altitude up in the :compass, :magnitude of its diameter and :percent % of its area covered.', $names)
            : __('Maximum :time, with the Sun down: :magnitude of its diameter and :percent % of its area covered, unseen.', $names);
    }

    private static function horizonNote(LocalEclipse $here): ?string
    {
        $cut = $here->cutBy();

        if ($cut === null) {
            return null;
        }

        return __($cut->isRise
            ? 'The Sun rises eclipsed at :time, :percent % of its area covered. What comes before is below the horizon.'
            : 'The Sun sets eclipsed at :time, :percent % of its area still covered. What comes after is below the horizon.', [
                'time' => Clock::over($here)->minute($cut->time),
                'percent' => Numbers::percent($here->at($cut->time)->obscuration()),
            ]);
    }

    /** For a place where it is not total: about the edge of a total one the caution speaks. */
    private static function edgeNote(LocalEclipse $here): ?string
    {
        if (!$here->circumstances->isNearEdgeOfPath() || $here->circumstances->kind === LocalKind::Total) {
            return null;
        }

        return __('This place lies within 5 km of the edge of the path, where the Moon\'s uneven limb decides. Plan as for a partial eclipse.');
    }
}
