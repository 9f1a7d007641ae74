<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What each rule has to say to one situation, sorted by what follows from it. */
final readonly class Hearing
{
    /** Unknown, these decide everything: what is asked about, and what stands between the Sun and the eye. */
    private const DECISIVE = [Part::Look, Part::Filter];

    public Permission $permission;
    /** What must be answered before anything can be allowed. */
    private ?string $question;

    /**
     * @param list<Rule> $broken
     * @param list<Rule> $open apply, and nobody knows whether what they ask for is so
     * @param list<Rule> $doubtful would not be met, and nobody knows whether they apply
     * @param list<Rule> $allowing
     * @param list<Rule> $mayAllow nobody knows whether they apply
     * @param list<Rule> $warning
     * @param list<Rule> $met
     */
    private function __construct(
        private Situation $situation,
        public array $broken,
        private array $open,
        private array $doubtful,
        private array $allowing,
        private array $mayAllow,
        private array $warning,
        private array $met,
    ) {
        $this->question = $broken === [] ? $this->question() : null;
        $this->permission = match (true) {
            $broken !== [], $allowing === [], $this->question !== null => Permission::No,
            $open === [] && $doubtful === [] => Permission::Yes,
            default => Permission::If,
        };
    }

    /** @param list<Rule> $rules */
    public static function of(array $rules, Situation $situation): self
    {
        $heard = ['broken' => [], 'open' => [], 'doubtful' => [], 'allowing' => [], 'mayAllow' => [], 'warning' => [], 'met' => []];
        foreach ($rules as $rule) {
            $applies = $rule->applies($situation);
            if ($applies !== false) {
                $isMet = $rule->isMet($situation);
                $where = match (true) {
                    $rule->effect === Effect::Allows => $applies === true ? 'allowing' : 'mayAllow',
                    $rule->effect === Effect::Warns => $applies === true ? 'warning' : null,
                    $applies === true => match ($isMet) {
                        true => 'met',
                        false => 'broken',
                        null => 'open',
                    },
                    default => $isMet === true ? null : 'doubtful',
                };
                if ($where !== null) {
                    $heard[$where][] = $rule;
                }
            }
        }

        return new self(...$heard, situation: $situation);
    }

    /** @param list<Change> $mend */
    public function answer(array $mend): Answer
    {
        $refusing = array_values(array_filter([...$this->open, ...$this->doubtful], static fn(Rule $rule): bool => $rule->refusesUnknown));
        [$deciding, $bearing] = match ($this->permission) {
            Permission::No => [[...$this->broken, ...($this->broken === [] ? $refusing : [])], [...$this->open, ...$this->allowing, ...$this->warning, ...$this->met]],
            Permission::If => [[...$this->open, ...$this->doubtful, ...$this->allowing, ...$this->warning], $this->met],
            Permission::Yes => [[...$this->allowing, ...$this->warning], $this->met],
        };
        $first = $deciding[0] ?? null;

        return new Answer(
            permission: $this->permission,
            conditions: $this->permission === Permission::If ? $this->conditions() : [],
            rules: array_values(array_column([...$deciding, ...$bearing], null, 'id')),
            dangers: $this->dangersOf($deciding),
            reason: $first === null ? '' : $first->reason,
            do: $this->question ?? ($this->permission === Permission::If ? $this->allowing[0] : $first)->do ?? '',
            mend: $mend,
            question: $this->question,
        );
    }

    /** What must be answered before anything can be allowed. */
    private function question(): ?string
    {
        foreach ($this->open as $rule) {
            if ($rule->refusesUnknown) {
                return $this->firstUnknown($rule->needs)?->question();
            }
        }
        foreach ($this->doubtful as $rule) {
            if ($rule->refusesUnknown && $this->unknownOf($rule) === [Part::FreeTotality]) {
                return Part::FreeTotality->question();
            }
        }
        $undecided = $this->allowing === [] ? array_merge([], ...array_map($this->unknownOf(...), $this->mayAllow)) : [];
        foreach (self::DECISIVE as $part) {
            if (in_array($part, $undecided, true)) {
                return $part->question();
            }
        }

        return null;
    }

    /** @return list<string> */
    private function conditions(): array
    {
        $conditions = [];
        foreach ($this->doubtful as $rule) {
            $conditions[] = match (true) {
                $rule->effect === Effect::Asks && $rule->isMet($this->situation) === null => $rule->condition,
                $rule->otherwise !== '' => $rule->otherwise,
                default => Part::FILTER_CONDITION,
            };
        }

        return array_values(array_unique([...$conditions, ...array_map(static fn(Rule $rule): string => $rule->condition, $this->open)]));
    }

    /** @return list<Part> */
    private function unknownOf(Rule $rule): array
    {
        return $rule->unknownParts($this->situation);
    }

    /** @param list<Condition> $conditions */
    private function firstUnknown(array $conditions): ?Part
    {
        foreach ($conditions as $condition) {
            if ($condition->holds($this->situation) === null) {
                return $condition->part;
            }
        }

        return null;
    }

    /**
     * @param list<Rule> $rules
     *
     * @return list<Danger> none known yet is a danger to the retina
     */
    private function dangersOf(array $rules): array
    {
        $dangers = array_merge([], ...array_map(static fn(Rule $rule): array => $rule->dangers, $rules));

        return $rules === [] ? [Danger::Retina] : array_values(array_column($dangers, null, 'value'));
    }
}
