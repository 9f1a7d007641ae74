<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\RunSheetException;

/** One stretch of a school day between two bells, in minutes from midnight. */
final readonly class Bell
{
    public const LONGEST_NAME = 40;
    public const MOST = 40;

    /** @param bool $isBreak nobody is sent anywhere then */
    private function __construct(public string $name, public int $fromMin, public int $toMin, public bool $isBreak) {}

    /** @throws RunSheetException naming the field */
    public static function of(string $name, int $fromMin, int $toMin, bool $isBreak): self
    {
        if (trim($name) === '') {
            throw RunSheetException::missing('name');
        }
        if (mb_strlen($name) > self::LONGEST_NAME) {
            throw RunSheetException::tooLong('name', self::LONGEST_NAME);
        }

        return $fromMin < $toMin ? new self($name, $fromMin, $toMin, $isBreak) : throw RunSheetException::reversed('to');
    }

    /**
     * A school day: in order of time, no two at once, no name twice.
     *
     * @param list<self> $bells
     *
     * @return list<self>
     *
     * @throws RunSheetException
     */
    public static function day(array $bells): array
    {
        if (count($bells) > self::MOST) {
            throw RunSheetException::tooMany('bells', self::MOST);
        }
        usort($bells, static fn(self $a, self $b): int => $a->fromMin <=> $b->fromMin);
        foreach ($bells as $i => $bell) {
            if ($i > 0 && $bell->fromMin < $bells[$i - 1]->toMin) {
                throw RunSheetException::overlapping('bells');
            }
        }
        $names = array_column($bells, 'name');
        foreach (array_diff_key($names, array_unique($names)) as $twice) {
            throw RunSheetException::idTwice('bells', $twice);
        }

        return $bells;
    }
}
