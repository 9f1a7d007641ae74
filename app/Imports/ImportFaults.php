<?php

declare(strict_types=1);

namespace App\Imports;

use RuntimeException;

/** What is wrong with a file, fault by fault: the first ones in words, and how many there are in all. */
final class ImportFaults extends RuntimeException
{
    private const MOST_TOLD = 20;

    /** @param list<string> $faults */
    private function __construct(
        public readonly array $faults,
        public readonly int $count,
    ) {
        parent::__construct($faults[0] ?? '');
    }

    /** @return list<string> the first ones, and how many more there are */
    public function told(): array
    {
        $more = $this->count - count($this->faults);

        return $more === 0 ? $this->faults : [...$this->faults, __('And :n more.', ['n' => $more])];
    }

    /** @param non-empty-list<string> $faults all of them */
    public static function of(array $faults): self
    {
        return new self(array_slice($faults, 0, self::MOST_TOLD), count($faults));
    }
}
