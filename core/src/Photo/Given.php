<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

use BackedEnum;

/** Values of a record by name, each as what it must be; whoever asks for another is told the key's path. */
final readonly class Given
{
    /**
     * @param array<array-key, mixed> $given
     * @param string $at path of the record itself
     */
    public function __construct(private array $given, private string $at = '') {}

    public function path(string $key): string
    {
        return $this->at === '' ? $key : "{$this->at}.{$key}";
    }

    /**
     * @param list<string> $known
     *
     * @return list<string> paths of all other keys
     */
    public function otherThan(array $known): array
    {
        return array_map($this->path(...), array_values(array_diff(array_map(strval(...), array_keys($this->given)), $known)));
    }

    public function has(string $key): bool
    {
        return ($this->given[$key] ?? null) !== null;
    }

    /** @throws PhotoException unless it is a number within the range of its measure */
    public function number(Measure $measure): float
    {
        return $measure->checked($this->plain($measure->value), $this->path($measure->value));
    }

    public function numberOrNull(Measure $measure): ?float
    {
        return $this->has($measure->value) ? $this->number($measure) : null;
    }

    /** 5.0 is written by some programs and means 5. */
    public function whole(Measure $measure): int
    {
        $value = $this->plain($measure->value);
        if (floor($value) !== $value) {
            throw PhotoException::notWhole($this->path($measure->value));
        }

        return (int) $measure->checked($value, $this->path($measure->value));
    }

    /** @return array{float, float} two numbers of one measure */
    public function two(Measure $measure): array
    {
        $path = $this->path($measure->value);
        $both = $this->given[$measure->value] ?? throw PhotoException::missing($path);
        if (!is_array($both) || !array_is_list($both) || count($both) !== 2) {
            throw $measure === Measure::Side ? PhotoException::notWidthAndHeight($path) : PhotoException::notTwo($path);
        }

        return [$measure->checked(self::asNumber($both[0], "{$path}[0]"), "{$path}[0]"), $measure->checked(self::asNumber($both[1], "{$path}[1]"), "{$path}[1]")];
    }

    /** A number of no measure. */
    public function plain(string $key): float
    {
        return self::asNumber($this->given[$key] ?? throw PhotoException::missing($this->path($key)), $this->path($key));
    }

    public function isSo(string $key): bool
    {
        $value = $this->given[$key] ?? throw PhotoException::missing($this->path($key));

        return is_bool($value) ? $value : throw PhotoException::notYesOrNo($this->path($key));
    }

    /** Blank where it is not given. */
    public function text(string $key, int $most): string
    {
        $text = $this->given[$key] ?? '';

        return is_string($text) && mb_strlen($text) <= $most ? $text : throw PhotoException::notAText($this->path($key), $most);
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function word(string $key, string $enum): BackedEnum
    {
        $word = $this->given[$key] ?? throw PhotoException::missing($this->path($key));

        return (is_string($word) ? $enum::tryFrom($word) : null) ?? throw PhotoException::notOneOf($this->path($key), array_map(static fn(BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function wordOrNull(string $key, string $enum): ?BackedEnum
    {
        return $this->has($key) ? $this->word($key, $enum) : null;
    }

    /** @return list<mixed>|null null where it is no list, or longer */
    public function list(string $key, int $most): ?array
    {
        $list = $this->given[$key] ?? throw PhotoException::missing($this->path($key));

        return is_array($list) && array_is_list($list) && count($list) <= $most ? $list : null;
    }

    private static function asNumber(mixed $value, string $path): float
    {
        return is_int($value) || is_float($value) ? (float) $value : throw PhotoException::notANumber($path);
    }
}
