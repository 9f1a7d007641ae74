<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Sky\ContactRow;
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\SkyAnswer;
use App\Drawings\Event\ShadowRibbon;
use App\Drawings\Sky\DiscSample;
use App\Drawings\Sky\SkyCurves;
use App\Models\Event;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\FilterWords;
use App\Text\Numbers;
use App\Text\SkyWords;
use DateInterval;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalView;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\TimeUncertainty;

/** What the Sky page of an event shows: the answer, the table, the disc at any minute, the sums. */
final readonly class SkyPage
{
    /**
     * @param list<ContactRow> $contacts
     * @param array<string, TimeUncertainty> $uncertainties by the contact's name; never empty
     * @param list<array{0: string, 1: string}> $daylight sunrise and sunset in words
     * @param list<DiscSample> $samples the disc from before C1 to after C4, minute by minute
     * @param list<string> $why
     * @param list<array{0: string, 1: string}> $lunar the lunar eclipses half a month away, in words
     * @param float|null $oneKDuration length of totality or annularity with one lunar radius throughout, seconds
     * @param int $bestSample the sample with the most covered while the Sun is up
     */
    private function __construct(
        public Event $event,
        public LocalEclipse $here,
        public SkyAnswer $answer,
        public string $caution,
        public array $contacts,
        public array $daylight,
        public array $samples,
        public int $bestSample,
        private array $uncertainties,
        private Filters $filters,
        public SkyCurves $curves,
        public array $why,
        public array $lunar,
        private ?float $oneKDuration,
    ) {}

    public static function of(Event $event, LocalEclipse $here, Filters $filters, ShadowRibbon $ribbon, Eclipses $eclipses): self
    {
        $c = $here->circumstances;
        $samples = self::samples($here, $filters);
        $seen = array_map(static fn(DiscSample $sample): float => $sample->isUp ? $sample->magnitude : -1.0, $samples);
        $contacts = $c->contacts() === [] ? [new Contact(ContactName::Maximum, $c->maximum)] : $c->contacts();
        $uncertainties = array_combine(array_map(static fn(Contact $contact): string => $contact->name->value, $contacts), TimeUncertainty::ofContacts($here->eclipse, $here->observer, $contacts));

        return new self(
            event: $event,
            here: $here,
            answer: SkyAnswer::of($here),
            caution: FilterWords::caution($filters, Clock::over($here)),
            contacts: array_map(static fn(Contact $contact): ContactRow => ContactRow::of($contact, $here, $uncertainties[$contact->name->value]), $c->contacts()),
            daylight: self::daylight($here),
            samples: $samples,
            bestSample: (int) array_search(max([-1.0, ...$seen]), $seen, true),
            uncertainties: $uncertainties,
            filters: $filters,
            curves: SkyCurves::of($here),
            why: WhyHere::sentences($here),
            lunar: array_map(static fn(LunarEclipse $lunar): array => PairedMoon::words($lunar, $here), $eclipses->pairedWith($here->eclipse)),
            oneKDuration: $here->eclipse->withRadii(Radii::oneK())->circumstances($here->observer)->durationSeconds(),
        );
    }

    public function lastSample(): int
    {
        return count($this->samples) - 1;
    }

    /** @return array<string, mixed> what the page's script shows; it computes nothing */
    public function forDisc(ShadowRibbon $ribbon): array
    {
        return [
            'samples' => $this->samples,
            'best' => $this->bestSample,
            'begin' => (int) $ribbon->begin->format('U'),
            'end' => (int) $ribbon->end->format('U'),
        ];
    }

    /**
     * The inputs and the uncertainty behind the answer.
     *
     * @return list<array{0: string, 1: string}>
     */
    public function sums(): array
    {
        $e = $this->here->eclipse;
        $v = $this->here->circumstances->maximum;
        $radii = $e->elements->radii;
        $uncertainty = $this->uncertainties[ContactName::C2->value] ?? $this->uncertainties[ContactName::C1->value] ?? $this->uncertainties[ContactName::Maximum->value];

        return [
            [__('Place'), Angles::coordinates($this->event->lat, $this->event->lon, 4) . ', ' . $this->event->height_m . ' m'],
            [__('Eclipse as a whole'), __(':kind, greatest at :time UTC, γ = :gamma', ['kind' => SkyWords::kind($e->kind), 'time' => Clock::nearestSecond($e->greatest())->format('H:i:s'), 'gamma' => Numbers::decimal($e->gamma, 4)])],
            [__('ΔT = TT − UT1'), sprintf('%.1f ± %.1f s (%s)', $e->deltaT->seconds, $e->deltaT->uncertaintySeconds, __($e->deltaT->source->value))],
            [__('Moon\'s radius'), sprintf('k₁ = %.7f, k₂ = %.6f', $radii->penumbralK, $radii->umbralK)],
            ...($this->oneKDuration === null ? [] : [[__('With one k = :k throughout', ['k' => (string) Radii::PENUMBRAL_K]), __(':length instead of :shorter; the shorter one is shown, for the sake of eyes', [
                'length' => Durations::toTheSecond($this->oneKDuration),
                'shorter' => Durations::toTheSecond($this->here->circumstances->durationSeconds() ?? 0.0),
            ])]]),
            ...$this->filterSums(),
            [__('Sun\'s radius'), Numbers::decimal($radii->sunKm) . ' km'],
            [__('Apparent size of the Sun'), Numbers::decimal(2 * $v->sunSemidiameterDeg() * 60, 2) . '′'],
            [__('Moon over Sun'), Numbers::decimal($v->diameterRatio(), 4)],
            [__('Uncertainty of the times'), __('±:dt s from ΔT, ±:limb s from the Moon\'s uneven limb, ±:clock s between UTC and UT1, ±:place s for :metres m of place', [
                'dt' => Numbers::decimal($uncertainty->deltaTSeconds, 1), 'limb' => Numbers::decimal($uncertainty->limbSeconds, 0), 'clock' => Numbers::decimal($uncertainty->clockSeconds, 1),
                'place' => Numbers::decimal($uncertainty->positionSeconds, 1), 'metres' => (string) (int) TimeUncertainty::POSITION_M,
            ])],
        ];
    }

    /** @return list<array{0: string, 1: string}> how the times for filters come from C2 and C3; nothing where they stay on */
    private function filterSums(): array
    {
        $early = $this->uncertainties[ContactName::C2->value] ?? null;
        $late = $this->uncertainties[ContactName::C3->value] ?? null;
        if ($early === null || $late === null || !$this->filters->mayComeOff()) {
            return [];
        }

        return [[__('Filters off and on'), __('C2 + :early s, C3 − :late s − :hand s: the parts of the uncertainty below added up, and the time a hand needs', [
            'early' => Numbers::decimal($early->worstSeconds(), 1), 'late' => Numbers::decimal($late->worstSeconds(), 1), 'hand' => Numbers::decimal(Filters::REACTION_SECONDS),
        ])]];
    }

    /** @return list<array{0: string, 1: string}> */
    private static function daylight(LocalEclipse $here): array
    {
        $lines = [];
        foreach ($here->crossings as $crossing) {
            $lines[] = [
                $crossing->isRise ? __('Sunrise') : __('Sunset'),
                __(':time, azimuth :azimuth (:compass)', [
                    'time' => Clock::over($here)->minute($crossing->time),
                    'azimuth' => Angles::direction($crossing->azimuthDeg, 0),
                    'compass' => SkyWords::compass($crossing->azimuthDeg),
                ]),
            ];
        }

        return $lines;
    }

    /** @return list<DiscSample> */
    private static function samples(LocalEclipse $here, Filters $filters): array
    {
        $begin = $here->begins()->sub(new DateInterval('PT10M'));
        $begin = $begin->setTime((int) $begin->format('G'), (int) $begin->format('i'));
        $moments = [];
        for ($moment = $begin; $moment < $here->ends()->modify('+11 minutes'); $moment = $moment->modify('+1 minute')) {
            $moments[$moment->format('U.u')] = ['', $here->at($moment)];
        }
        foreach ($here->circumstances->contacts() as $contact) {
            $moments[$contact->time()->format('U.u')] = [SkyWords::contact($contact->name), $contact->view];
        }
        ksort($moments, SORT_NUMERIC);

        return array_values(array_map(static fn(array $m): DiscSample => self::sample($m[0], $m[1], $here, $filters), $moments));
    }

    private static function sample(string $name, LocalView $view, LocalEclipse $here, Filters $filters): DiscSample
    {
        $time = $name === '' ? Clock::over($here)->minute($view->time()) : Clock::over($here)->second($view->time());

        return DiscSample::of($view, $name, $time, $filters->at($view->julianDateUt()));
    }
}
