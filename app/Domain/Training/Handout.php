<?php

declare(strict_types=1);

namespace App\Domain\Training;

use App\Domain\Event\EventFacts;
use App\Domain\Sky\SkyAnswer;
use App\Text\AudienceWords;
use App\Text\Clock;
use App\Text\Days;
use App\Text\DayWords;
use App\Text\EyeWords;
use App\Text\FilterWords;
use App\Text\RuleWords;
use App\Text\SkyWords;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;

/** What families take home of an event: its own times, and of safety what the rule book says, in its words. */
final readonly class Handout
{
    /** What people bring along, and never is a filter. */
    private const NEVER = ['bare-eyes', 'sunglasses', 'developed-film', 'x-ray-film', 'discs', 'balloons-and-wrappers', 'cellophane', 'liquids', 'welding-shade', 'naked-eye-only', 'through-the-pinhole', 'low-sun', 'kept-on'];
    private const PLAIN = ['bare-eyes', 'sunglasses', 'naked-eye-only', 'kept-on'];

    /**
     * @param list<array{name: string, time: string}> $contacts while the Sun is up
     * @param list<string> $bring
     * @param list<string> $never statements of the book
     * @param list<string> $plain the weightiest of them, for those who read with effort
     * @param list<string> $after
     */
    private function __construct(
        public string $title,
        public string $place,
        public string $day,
        public string $zone,
        public SkyAnswer $answer,
        public array $contacts,
        public string $direction,
        public string $filters,
        public string $policy,
        public array $bring,
        public array $never,
        public array $plain,
        public array $after,
    ) {}

    public static function of(EventFacts $facts): self
    {
        $here = $facts->here;
        $clock = Clock::over($here);
        $filters = $facts->filters();
        $best = $here->bestVisible();

        return new self(
            title: $facts->event->title,
            place: $facts->event->place_name,
            day: Days::full($here->local($best->time())),
            zone: $clock->zone(),
            answer: SkyAnswer::of($here),
            contacts: array_map(static fn(Contact $contact): array => ['name' => self::named($contact, $facts), 'time' => $clock->second($contact->time())], SiteNumbers::contacts($facts)),
            direction: DayWords::sunAt($clock->minute($best->time()), Bearing::ofSun($best)),
            filters: FilterWords::caution($filters, $clock),
            policy: $facts->event->policy === null ? '' : AudienceWords::policyMeans($facts->event->policy),
            bring: DayWords::bring($facts->event->policy, $facts->filtersByPlace()->mayComeOff()),
            never: self::statements(self::NEVER),
            plain: self::statements(self::PLAIN),
            after: EyeWords::afterwards(),
        );
    }

    private static function named(Contact $contact, EventFacts $facts): string
    {
        $meaning = SkyWords::meaning($contact->name, $facts->here->circumstances->kind) . (in_array($contact->name, $facts->outlook->lost ?? [], true) ? ' ' . __('(hidden from where people watch)') : '');

        return $contact->name === ContactName::Maximum ? $meaning : __(':name, :meaning', ['name' => SkyWords::contact($contact->name), 'meaning' => $meaning]);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private static function statements(array $ids): array
    {
        return array_map(static fn(string $id): string => RuleWords::sentence(Standard::book()->rule($id)->statement), $ids);
    }
}
