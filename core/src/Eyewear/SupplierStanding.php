<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** What the organiser's own register says of a supplier. */
enum SupplierStanding: string
{
    case Checked = 'checked';
    case NotChecked = 'not_checked';
    case Refused = 'refused';
}
