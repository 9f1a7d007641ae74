<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** Where a lot came from. */
enum Origin: string
{
    case CheckedSupplier = 'checked_supplier';
    case Maker = 'maker';
    case WebShop = 'web_shop';
    case Unknown = 'unknown';
}
