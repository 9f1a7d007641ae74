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
use App\Text\FilterWords;
use App\Text\SkyWords;
use DateInterval;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalView;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\TimeUncertainty;

/** What the Sky page of an event shows: the answer, the table, the disc at any minute, the calculation behind it. */
final readonly class SkyPage
{
    /**
     * @param list<ContactRow> $contacts
     * @param list<Fact> $daylight sunrise and sunset in words
     * @param list<DiscSample> $samples the disc from before C1 to after C4, minute by minute
     * @param list<string> $why
     * @param list<Fact> $lunar the lunar eclipses half a month away, in words
     * @param list<Fact> $calculation the inputs and the uncertainty behind the answer
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
        public SkyCurves $curves,
        public array $why,
        public array $lunar,
        public array $calculation,
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
            curves: SkyCurves::of($here),
            why: WhyHere::sentences($here),
            lunar: array_map(static fn(LunarEclipse $lunar): Fact => PairedMoon::words($lunar, $here), $eclipses->pairedWith($here->eclipse)),
            calculation: Calculation::of($event, $here, $filters, $uncertainties),
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

    /** @return list<Fact> */
    private static function daylight(LocalEclipse $here): array
    {
        $lines = [];
        foreach ($here->crossings as $crossing) {
            $lines[] = new Fact(
                $crossing->isRise ? __('Sunrise') : __('Sunset'),
                __(':time, azimuth :azimuth (:compass)', [
                    'time' => Clock::over($here)->minute($crossing->time),
                    'azimuth' => Angles::direction($crossing->azimuthDeg, 0),
                    'compass' => SkyWords::compass($crossing->azimuthDeg),
                ]),
            );
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
