<?php

declare(strict_types=1);

namespace App\Imports;

use InvalidArgumentException;

/** A file that cannot be taken in; the message names the place and is fit for the person who sent it. */
final class ImportException extends InvalidArgumentException {}
