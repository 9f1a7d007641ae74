<?php

declare(strict_types=1);

namespace KeenShadow\Core;

use InvalidArgumentException;

/**
 * Something asked of the core that cannot be: a code for what is wrong, with its values, and where it is one field's fault
 * that field. It has no sentence: whoever shows it has the words, in the reader's language.
 */
abstract class Refusal extends InvalidArgumentException
{
    /**
     * @param string $reason the code, such as "out_of_range"
     * @param array<string, string|int|float|list<string>> $values a value "what" is a code as well: of the thing that is meant
     */
    final protected function __construct(
        public readonly string $reason,
        public readonly array $values = [],
        public readonly string $field = '',
    ) {
        parent::__construct($reason . ' ' . json_encode($values, JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR));
    }
}
