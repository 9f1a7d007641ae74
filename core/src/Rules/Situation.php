<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** Who looks at what, through what, when: as far as it is known. What is not told is unknown. */
final readonly class Situation
{
    /** @var array<string, bool|float|string|list<string>> by the name of the part: what was told, and what follows from it */
    public array $known;

    /** @param array<string, bool|float|string|list<string>> $told by the name of the part */
    private function __construct(array $told)
    {
        $free = self::isFreeTotality($told);
        $follows = [Part::FreeTotality->value => $free, Part::BareTotality->value => self::isBareTotality($told, $free)];
        $this->known = array_filter($follows, is_bool(...)) + $told;
    }

    /**
     * @param array<array-key, mixed> $parts by name; null is unknown
     *
     * @throws RulesException when there is no such part, or it cannot be that
     */
    public static function of(array $parts): self
    {
        $known = [];
        foreach ($parts as $name => $value) {
            $part = Part::tryFrom((string) $name);
            if ($part === null || !$part->isTold()) {
                throw RulesException::unknownPart((string) $name);
            }
            if ($value !== null) {
                $known[$part->value] = self::checked($part, $value);
            }
        }

        return new self($known);
    }

    /** @return bool|float|string|list<string>|null null while it is unknown */
    public function get(Part $part): bool|float|string|array|null
    {
        return $this->known[$part->value] ?? null;
    }

    /** @return array<string, bool|float|string|list<string>> what was told, by the name of the part */
    public function told(): array
    {
        return array_diff_key($this->known, [Part::FreeTotality->value => true, Part::BareTotality->value => true]);
    }

    /** The same with one part otherwise. */
    public function with(Part $part, mixed $value): self
    {
        return new self([$part->value => self::checked($part, $value)] + $this->told());
    }

    /** The same with one part unknown. */
    public function without(Part $part): self
    {
        return new self(array_diff_key($this->told(), [$part->value => true]));
    }

    /**
     * Only totality is free, only inside the guarded times.
     *
     * @param array<string, bool|float|string|list<string>> $told
     */
    private static function isFreeTotality(array $told): ?bool
    {
        $isTotal = isset($told['phase']) ? $told['phase'] === 'total' : null;
        $isGuarded = $told['guarded'] ?? null;

        return match (true) {
            $isTotal === false, $isGuarded === false => false,
            $isTotal === true && $isGuarded === true => true,
            default => null,
        };
    }

    /**
     * Nothing is before the eyes then, so nothing can slip.
     *
     * @param array<string, bool|float|string|list<string>> $told
     */
    private static function isBareTotality(array $told, ?bool $free): ?bool
    {
        $isDirect = isset($told['look']) ? $told['look'] === 'direct' : null;
        $isBare = isset($told['filter']) ? in_array($told['filter'], ['none', 'cloud'], true) : null;

        return match (true) {
            $isDirect === false, $isBare === false, $free === false => false,
            default => $isDirect === true && $isBare === true && $free === true ? true : null,
        };
    }

    /**
     * @return bool|float|string|list<string>
     *
     * @throws RulesException
     */
    private static function checked(Part $part, mixed $value): bool|float|string|array
    {
        $range = $part->range();
        $words = $part->words();
        $isRight = match (true) {
            $range !== null => (is_int($value) || is_float($value)) && $value >= $range[0] && $value <= $range[1],
            $part->isList() => is_array($value) && array_is_list($value) && array_filter($value, static fn(mixed $word): bool => !in_array($word, $words, true)) === [],
            $words !== [] => in_array($value, $words, true),
            default => is_bool($value),
        };
        if (!$isRight) {
            throw RulesException::notAValue($part, (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR));
        }

        /** @var bool|int|float|string|list<string> $value */
        return is_int($value) ? (float) $value : $value;
    }
}
