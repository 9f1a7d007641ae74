<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** Where a lot came from. */
enum Origin: string
{
    /** One of the organiser's own register, which says whether they were checked. */
    case Supplier = 'supplier';
    case Maker = 'maker';
    case WebShop = 'web_shop';
    case Unknown = 'unknown';
}
