<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

use RuntimeException;

/** Why a line of a receiver is not used; the message is short enough to be counted by. */
final class NmeaFault extends RuntimeException {}
