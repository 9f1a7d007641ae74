<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\RunSheet\EventRota;
use App\Domain\RunSheet\EventSheet;
use App\Drawings\RunSheet\Lanes;
use App\Drawings\RunSheet\RotaEntries;
use App\Models\RunSheet\Helper;
use App\Text\Clock;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\Time\Interval;

/** Who helps, and where they are. */
final readonly class CrewPage
{
    /**
     * @param string $headline whether every post has somebody
     * @param int $stepS whole steps on which turns and duties begin, seconds
     * @param list<string> $faults
     * @param list<HelperRow> $coming
     * @param list<HelperRow> $others helpers of the organisation who are not asked to come
     */
    private function __construct(
        public string $headline,
        public Interval $axis,
        public Lanes $lanes,
        public array $faults,
        public array $coming,
        public array $others,
        public int $stepS,
        public SheetSteps $steps,
    ) {}

    /** @param array<int, list<string>> $untrained by the number of the helper: what they have not passed */
    public static function of(EventFacts $facts, EventRota $rota, array $untrained): self
    {
        $clock = Clock::over($facts->here);
        $axis = DayAxis::of($facts);
        $comes = $rota->rota()->wishes->crew;
        $row = static fn(Helper $h): HelperRow => HelperRow::of($h, $rota, $clock, $untrained[$h->id] ?? []);

        return new self(
            headline: self::headline($rota),
            axis: $axis->interval(),
            lanes: Lanes::ofHelpers(RotaEntries::of($rota, $clock), $axis->stack()),
            faults: $comes === [] ? [] : RotaFaults::words($rota, $clock, isOfCrew: true),
            coming: array_map($row, array_values(array_filter($rota->helpers, static fn(Helper $h): bool => isset($comes[$h->rotaId()])))),
            others: array_map($row, array_values(array_filter($rota->helpers, static fn(Helper $h): bool => !isset($comes[$h->rotaId()])))),
            stepS: 60 * $rota->rota()->wishes->stepMin,
            steps: SheetSteps::of(EventSheet::of($facts->event)),
        );
    }

    private static function headline(EventRota $rota): string
    {
        $coming = count(array_filter($rota->rota()->wishes->crew, static fn(CrewWish $wish): bool => $wish->goneMin === null));
        $wrong = count(array_filter($rota->faults(), RotaFaults::isOfCrew(...)));

        return match (true) {
            $rota->day === null => __('Nothing of the eclipse is seen while the event is open.'),
            $rota->rota()->wishes->crew === [] => __('Nobody is asked to help yet.'),
            $wrong === 0 => trans_choice('{0} No helper is there, and no post wants one.|{1} 1 helper, and every post has somebody.|[2,*] :count helpers, and every post has somebody.', $coming),
            default => __(':helpers, :things.', ['helpers' => trans_choice('{1} 1 helper|[0,*] :count helpers', $coming), 'things' => trans_choice('{1} 1 thing to mend|[2,*] :count things to mend', $wrong)]),
        };
    }
}
