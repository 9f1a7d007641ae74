<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/**
 * One rule of the book. Its sentences are whole and stand here, so that whoever knows the matter can find them wrong; they
 * are the keys of a translation.
 *
 * @phpstan-import-type Asked from Condition
 */
final readonly class Rule
{
    /**
     * @param string $statement the rule as one would say it to a helper
     * @param list<Condition> $where to what it applies: all of these
     * @param list<Condition> $needs what it asks for there
     * @param string $condition the same in words, for somebody who has not told it yet
     * @param string $otherwise in words how it must be for the rule not to apply; blank where that is the look or the filter itself
     * @param string $reason why
     * @param string $do what to do with the thing, or with it in hand
     * @param list<Danger> $dangers against which it stands
     * @param bool $refusesUnknown whether what it asks for, or that this is no totality, must be known before: nobody finds it out on the spot, or a wrong guess costs an eye
     * @param list<Condition> $instead what to make so, where it forbids
     * @param Disagreement|null $disagreement where practitioners differ
     */
    private function __construct(
        public string $id,
        public Effect $effect,
        public string $statement,
        public array $where,
        public array $needs,
        public string $condition,
        public string $otherwise,
        public string $reason,
        public string $do,
        public array $dangers,
        public Source $source,
        public Strength $strength,
        public bool $refusesUnknown,
        public array $instead,
        public ?Disagreement $disagreement,
    ) {}

    /**
     * @param array<string, Asked> $where as Condition::read has it
     * @param list<Danger> $dangers that stay even where all is in order
     */
    public static function allows(string $id, string $statement, array $where, string $reason, string $do, array $dangers = [], Source $source = Source::CommonPractice): self
    {
        return self::make(id: $id, effect: Effect::Allows, statement: $statement, where: $where, reason: $reason, do: $do, dangers: $dangers, source: $source);
    }

    /**
     * @param array<string, Asked> $where
     * @param array<string, Asked> $needs
     * @param list<Danger> $dangers
     */
    public static function asks(
        string $id,
        string $statement,
        array $where,
        array $needs,
        string $condition,
        string $reason,
        string $do,
        array $dangers = [Danger::Retina],
        Source $source = Source::CommonPractice,
        Strength $strength = Strength::Undisputed,
        bool $refusesUnknown = false,
        ?Disagreement $disagreement = null,
        string $otherwise = '',
    ): self {
        return self::make(
            id: $id,
            effect: Effect::Asks,
            statement: $statement,
            where: $where,
            needs: $needs,
            condition: $condition,
            otherwise: $otherwise,
            reason: $reason,
            do: $do,
            dangers: $dangers,
            source: $source,
            strength: $strength,
            refusesUnknown: $refusesUnknown,
            disagreement: $disagreement,
        );
    }

    /**
     * @param array<string, Asked> $where
     * @param list<Danger> $dangers
     * @param array<string, bool|string> $instead
     */
    public static function forbids(
        string $id,
        string $statement,
        array $where,
        string $reason,
        string $do,
        array $instead = [],
        array $dangers = [Danger::Retina],
        Source $source = Source::CommonPractice,
        Strength $strength = Strength::Undisputed,
        ?Disagreement $disagreement = null,
        string $otherwise = '',
        bool $refusesUnknown = false,
    ): self {
        return self::make(
            id: $id,
            effect: Effect::Forbids,
            statement: $statement,
            where: $where,
            otherwise: $otherwise,
            reason: $reason,
            do: $do,
            dangers: $dangers,
            source: $source,
            strength: $strength,
            refusesUnknown: $refusesUnknown,
            instead: $instead,
            disagreement: $disagreement,
        );
    }

    /**
     * @param array<string, Asked> $where
     * @param list<Danger> $dangers
     */
    public static function warns(string $id, string $statement, array $where, string $reason, string $do, array $dangers = [Danger::Equipment], ?Disagreement $disagreement = null): self
    {
        return self::make(id: $id, effect: Effect::Warns, statement: $statement, where: $where, reason: $reason, do: $do, dangers: $dangers, source: Source::CommonPractice, disagreement: $disagreement);
    }

    /** Whether it speaks of this situation; null while that is not known. */
    public function applies(Situation $situation): ?bool
    {
        return Condition::allHold($this->where, $situation);
    }

    /** Whether what it asks for is so; what is forbidden never is, and where nothing is asked for it always is. */
    public function isMet(Situation $situation): ?bool
    {
        return match ($this->effect) {
            Effect::Forbids => false,
            Effect::Asks => Condition::allHold($this->needs, $situation),
            Effect::Allows, Effect::Warns => true,
        };
    }

    /** Whether it may speak where the eye looks at that. */
    public function isAbout(string $look): bool
    {
        foreach ($this->where as $condition) {
            if ($condition->part === Part::Look) {
                return in_array($look, $condition->oneOf, true);
            }
        }

        return true;
    }

    /** @return list<Part> on which it hangs whether the rule applies */
    public function unknownParts(Situation $situation): array
    {
        return array_values(array_map(
            static fn(Condition $c): Part => $c->part,
            array_filter($this->where, static fn(Condition $c): bool => $c->holds($situation) === null),
        ));
    }

    /**
     * @param array<string, Asked> $where
     * @param list<Danger> $dangers
     * @param array<string, Asked> $needs
     * @param array<string, bool|string> $instead
     */
    private static function make(
        string $id,
        Effect $effect,
        string $statement,
        array $where,
        string $reason,
        string $do,
        array $dangers,
        Source $source,
        Strength $strength = Strength::Undisputed,
        ?Disagreement $disagreement = null,
        string $otherwise = '',
        array $needs = [],
        string $condition = '',
        bool $refusesUnknown = false,
        array $instead = [],
    ): self {
        return new self(
            id: $id,
            effect: $effect,
            statement: $statement,
            where: Condition::read($where),
            needs: Condition::read($needs),
            condition: $condition,
            otherwise: $otherwise,
            reason: $reason,
            do: $do,
            dangers: $dangers,
            source: $source,
            strength: $strength,
            refusesUnknown: $refusesUnknown,
            instead: Condition::read($instead),
            disagreement: $disagreement,
        );
    }
}
