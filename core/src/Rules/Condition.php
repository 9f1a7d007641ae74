<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/**
 * What a rule asks of one part of a situation. Of a part that is unknown nobody can say whether it holds; an exception
 * counts only where it is known.
 *
 * @phpstan-type Asked bool|string|list<string>|array{least?: float, most?: float, never?: float, unless?: string|list<string>}
 */
final readonly class Condition
{
    private string $name;

    /**
     * @param list<bool|string> $oneOf what it may be; the first is the usual one
     * @param float|null $least of a number
     * @param float|null $most of a number
     * @param float|null $never from which a number is refused; between the most and this it hangs on how it is handled, which no part tells
     * @param list<string> $unless holds of everything but these
     */
    private function __construct(
        public Part $part,
        public array $oneOf = [],
        public ?float $least = null,
        public ?float $most = null,
        public ?float $never = null,
        public array $unless = [],
    ) {
        $this->name = $part->value;
    }

    /**
     * Conditions as the book writes them: the name of a part with the word it is, or a list of words of which it is one;
     * ['unless' => …] for any but one or some, known or not; of a number ['least' => …] or ['most' => …], and ['most' => …, 'never' => …] with
     * room between; of flaws [] for none.
     *
     * @param array<string, Asked> $conditions
     *
     * @return list<self>
     */
    public static function read(array $conditions): array
    {
        $read = [];
        foreach ($conditions as $name => $asked) {
            $part = Part::from($name);
            if (is_array($asked) && !array_is_list($asked)) {
                /** @var array{least?: float, most?: float, never?: float, unless?: string|list<string>} $asked */
                $read[] = new self($part, least: $asked['least'] ?? null, most: $asked['most'] ?? null, never: $asked['never'] ?? null, unless: (array) ($asked['unless'] ?? []));
            } else {
                /** @var bool|string|list<string> $asked */
                $read[] = new self($part, is_array($asked) ? $asked : [$asked]);
            }
        }

        return $read;
    }

    /** Null while nobody knows. */
    public function holds(Situation $situation): ?bool
    {
        // Not by get(): this is asked some thousand times for an answer.
        $value = $situation->known[$this->name] ?? null;
        if ($this->unless !== []) {
            return !in_array($value, $this->unless, true);
        }
        if ($value === null) {
            return null;
        }
        if (is_float($value)) {
            $isWithin = $value >= ($this->least ?? -INF) && $value <= ($this->most ?? INF);

            return $this->never === null || $isWithin || $value >= $this->never ? $isWithin : null;
        }

        return is_array($value) ? $value === [] : in_array($value, $this->oneOf, true);
    }

    /**
     * Whether all of several hold: false as soon as one does not, null when one is unknown.
     *
     * @param list<self> $conditions
     */
    public static function allHold(array $conditions, Situation $situation): ?bool
    {
        $all = true;
        foreach ($conditions as $condition) {
            $holds = $condition->holds($situation);
            if ($holds === false) {
                return false;
            }
            $all = $holds === null ? null : $all;
        }

        return $all;
    }

    /** @return bool|float|string|list<string> what the part would be for it to hold */
    public function example(): bool|float|string|array
    {
        return match (true) {
            $this->part->isList() => [],
            $this->part->range() !== null => $this->least ?? $this->most ?? 0.0,
            default => $this->oneOf[0],
        };
    }
}
