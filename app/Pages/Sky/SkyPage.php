<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Sky\ContactRow;
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\SkyAnswer;
use App\Drawings\Sky\DiscSlider;
use App\Drawings\Sky\SkyCurves;
use App\Models\Event;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\FilterWords;
use App\Text\SkyWords;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\TimeUncertainty;

/** What the Sky page of an event shows: the answer, the table, the disc at any minute, the calculation behind it. */
final readonly class SkyPage
{
    /**
     * @param list<ContactRow> $contacts
     * @param list<Fact> $daylight sunrise and sunset in words
     * @param list<string> $why
     * @param list<Fact> $lunar the lunar eclipses half a month away, in words
     * @param list<Fact> $calculation the inputs and the uncertainty behind the answer
     */
    private function __construct(
        public SkyAnswer $answer,
        public string $caution,
        public array $contacts,
        public array $daylight,
        public DiscSlider $disc,
        public SkyCurves $curves,
        public array $why,
        public array $lunar,
        public array $calculation,
    ) {}

    public static function of(Event $event, LocalEclipse $here, Filters $filters, Eclipses $eclipses): self
    {
        $c = $here->circumstances;
        $contacts = $c->contacts() === [] ? [new Contact(ContactName::Maximum, $c->maximum)] : $c->contacts();
        $uncertainties = array_combine(array_map(static fn(Contact $contact): string => $contact->name->value, $contacts), TimeUncertainty::ofContacts($here->eclipse, $here->observer, $contacts));

        return new self(
            answer: SkyAnswer::of($here),
            caution: FilterWords::caution($filters, Clock::over($here)),
            contacts: array_map(static fn(Contact $contact): ContactRow => ContactRow::of($contact, $here, $uncertainties[$contact->name->value]), $c->contacts()),
            daylight: self::daylight($here),
            disc: DiscSlider::of($here, $filters),
            curves: SkyCurves::of($here),
            why: WhyHere::sentences($here),
            lunar: array_map(static fn(LunarEclipse $lunar): Fact => PairedMoon::words($lunar, $here), $eclipses->pairedWith($here->eclipse)),
            calculation: Calculation::of($event, $here, $filters, $uncertainties),
        );
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
}
