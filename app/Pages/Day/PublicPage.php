<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Domain\Event\EventFacts;
use App\Domain\Sky\ContactRow;
use App\Domain\Sky\SkyAnswer;
use App\Drawings\Event\ShadowRibbon;
use App\Models\Event;
use App\Text\Clock;
use App\Text\Days;
use App\Text\DayWords;
use App\Text\FilterWords;
use App\Text\RuleWords;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\TimeUncertainty;

/** What everybody may know of an event, without signing in: the times there, what to bring, the cautions. */
final readonly class PublicPage
{
    /**
     * @param list<ContactRow> $contacts
     * @param array<string, string> $filters what to do with filters, by the name of the contact
     * @param list<string> $bring
     * @param list<string> $cautions the one about filters first
     */
    private function __construct(
        public Event $event,
        public SkyAnswer $answer,
        public string $day,
        public string $zone,
        public array $contacts,
        public array $filters,
        public array $bring,
        public array $cautions,
        public ShadowRibbon $ribbon,
    ) {}

    public static function of(EventFacts $facts): self
    {
        $here = $facts->here;
        $clock = Clock::over($here);
        $filters = $facts->filters();
        $contacts = $here->circumstances->contacts();
        $uncertainties = $contacts === [] ? [] : TimeUncertainty::ofContacts($here->eclipse, $here->observer, $contacts);
        $rows = array_map(static fn(Contact $contact, TimeUncertainty $uncertainty): ContactRow => ContactRow::of($contact, $here, $uncertainty), $contacts, $uncertainties);

        return new self(
            event: $facts->event,
            answer: SkyAnswer::of($here),
            day: Days::full($here->local($here->circumstances->maximum->time())),
            zone: $clock->zone(),
            contacts: $rows,
            filters: array_combine(array_column($rows, 'name'), array_map(static fn(Contact $contact): string => FilterWords::cue($contact->name, $filters, $clock) ?? '', $contacts)),
            bring: DayWords::bring($facts->event->policy, $facts->filtersByPlace()->mayComeOff()),
            cautions: [FilterWords::caution($filters, $clock), ...RuleWords::forAll()],
            // No mark of now: the page is kept on its way.
            ribbon: ShadowRibbon::of($here, $facts->outlook->spans ?? [], $here->spanBegins()),
        );
    }
}
