<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Time\Interval;

/** What the rest of an event's pages need of a spot's outlook, in a form that can be stored as plain data. */
final readonly class OutlookSummary
{
    /**
     * @param list<HiddenSpan> $spans behind things of the site; behind the level horizon it is night
     * @param list<Interval> $hidden when the whole disc is behind something, in order
     * @param list<ContactName> $lost contacts that the site hides
     */
    private function __construct(
        public array $spans,
        public array $hidden,
        public array $lost,
        public Level $level,
    ) {}

    public static function of(SpotOutlook $outlook): self
    {
        $spans = [];
        foreach ($outlook->obstructions as $uncertain) {
            $by = array_values(array_filter($uncertain->obstruction->by, is_string(...)));
            if ($by !== []) {
                $spans[] = new HiddenSpan($uncertain->obstruction->from->julianDateUt, $uncertain->obstruction->to->julianDateUt, $by);
            }
        }

        return new self($spans, $outlook->hidden, array_map(static fn(ContactVisibility $c): ContactName => $c->name, $outlook->lost()), $outlook->verdict()->level);
    }

    /** @return array{spans: list<array{float, float, non-empty-list<string>}>, hidden: list<array{float, float}>, lost: list<string>, level: string} */
    public function toArray(): array
    {
        return [
            'spans' => array_map(static fn(HiddenSpan $span): array => [$span->fromUt, $span->toUt, $span->by], $this->spans),
            'hidden' => array_map(static fn(Interval $i): array => [$i->fromUt, $i->toUt], $this->hidden),
            'lost' => array_map(static fn(ContactName $name): string => $name->value, $this->lost),
            'level' => $this->level->value,
        ];
    }

    /** @param array{spans: list<array{float, float, non-empty-list<string>}>, hidden: list<array{float, float}>, lost: list<string>, level: string} $rows as toArray() made them */
    public static function fromArray(array $rows): self
    {
        return new self(
            array_map(static fn(array $span): HiddenSpan => new HiddenSpan(...$span), $rows['spans']),
            array_map(static fn(array $i): Interval => new Interval(...$i), $rows['hidden']),
            array_map(ContactName::from(...), $rows['lost']),
            Level::from($rows['level']),
        );
    }
}
