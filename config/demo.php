<?php

declare(strict_types=1);

/** Sign-in of the demo organisation; the password is made at set-up. */
return ['password' => env('DEMO_PASSWORD')];
