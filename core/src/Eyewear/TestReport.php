<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** What laboratory report comes with a lot. */
enum TestReport: string
{
    case ProductAndBatch = 'product_and_batch';
    case ProductOnly = 'product_only';
    case SomethingElse = 'something_else';
    case None = 'none';
}
