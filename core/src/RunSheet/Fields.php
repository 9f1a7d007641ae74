<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet;

/** Values of a record by name, each as what it must be; whoever asks for another is told the key's path. */
final readonly class Fields
{
    private const MOST_WHOLE = 1_000_000;
    private const MOST_TEXTS = 200;

    /**
     * @param array<array-key, mixed> $given
     * @param string $at path of the record itself
     */
    public function __construct(private array $given, private string $at) {}

    public function path(string $key): string
    {
        return $this->at === '' ? $key : "{$this->at}.{$key}";
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->given));
    }

    /**
     * @param list<string> $known
     *
     * @return list<string> paths of all other keys
     */
    public function otherThan(array $known): array
    {
        return array_map($this->path(...), array_values(array_diff($this->keys(), $known)));
    }

    public function has(string $key): bool
    {
        return ($this->given[$key] ?? null) !== null;
    }

    public function isBlank(string $key): bool
    {
        return $this->value($key) === '';
    }

    public function text(string $key): string
    {
        $value = $this->value($key);

        return is_string($value) && trim($value) !== '' ? $value : throw RunSheetException::notAText($this->path($key));
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $texts = [];
        foreach ($this->list($key, self::MOST_TEXTS) as $i => $value) {
            $texts[] = is_string($value) && trim($value) !== '' ? $value : throw RunSheetException::notAText($this->path($key) . "[{$i}]");
        }

        return array_values(array_unique($texts));
    }

    /** 5.0 is written by some programs and means 5. */
    public function whole(string $key, int $least): int
    {
        $value = $this->value($key);
        $value = is_float($value) && floor($value) === $value && abs($value) <= self::MOST_WHOLE ? (int) $value : $value;

        return is_int($value) && $value >= $least && $value <= self::MOST_WHOLE ? $value : throw RunSheetException::notAWholeNumber($this->path($key), $least);
    }

    public function number(string $key): float
    {
        $value = $this->value($key);

        return is_int($value) || is_float($value) && is_finite($value) ? (float) $value : throw RunSheetException::notANumber($this->path($key));
    }

    /** A whole number of either sign. */
    public function signed(string $key): int
    {
        $value = $this->value($key);

        return is_int($value) && abs($value) <= self::MOST_WHOLE * 10 ? $value : throw RunSheetException::notAWholeNumber($this->path($key), -self::MOST_WHOLE * 10);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function word(string $key, string $enum): \BackedEnum
    {
        return $enum::tryFrom($this->text($key)) ?? throw RunSheetException::notOneOf($this->path($key), array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    /** Minutes from midnight of a local time, HH:MM. */
    public function time(string $key): int
    {
        return self::minutes($this->value($key), $this->path($key));
    }

    /** @return array{int, int} minutes from midnight, as they were written */
    public function stretch(string $key): array
    {
        return self::pair($this->value($key), $this->path($key));
    }

    /** @return list<array{int, int}> */
    public function stretches(string $key): array
    {
        $pairs = [];
        foreach ($this->list($key, self::MOST_TEXTS) as $i => $value) {
            $pairs[] = self::pair($value, $this->path($key) . "[{$i}]");
        }

        return $pairs;
    }

    public function record(string $key): self
    {
        $value = $this->value($key);

        return is_array($value) && ($value === [] || !array_is_list($value)) ? new self($value, $this->path($key)) : throw RunSheetException::notARecord($this->path($key));
    }

    /** @return list<self> */
    public function records(string $key, int $most): array
    {
        $records = [];
        foreach ($this->list($key, $most) as $i => $value) {
            $path = $this->path($key) . "[{$i}]";
            $records[] = is_array($value) && !array_is_list($value) ? new self($value, $path) : throw RunSheetException::notARecord($path);
        }

        return $records;
    }

    private function value(string $key): mixed
    {
        return $this->given[$key] ?? throw RunSheetException::missing($this->path($key));
    }

    /** @return list<mixed> */
    private function list(string $key, int $most): array
    {
        $value = $this->value($key);
        if (!is_array($value) || !array_is_list($value)) {
            throw RunSheetException::notAList($this->path($key));
        }

        return count($value) <= $most ? $value : throw RunSheetException::tooMany($this->path($key), $most);
    }

    /** @return array{int, int} */
    private static function pair(mixed $value, string $path): array
    {
        if (!is_array($value) || !array_is_list($value) || count($value) !== 2) {
            throw RunSheetException::notAStretch($path);
        }

        return [self::minutes($value[0], "{$path}[0]"), self::minutes($value[1], "{$path}[1]")];
    }

    private static function minutes(mixed $value, string $path): int
    {
        if (!is_string($value) || preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/D', $value, $found) !== 1) {
            throw RunSheetException::notATime($path);
        }

        return 60 * (int) $found[1] + (int) $found[2];
    }
}
