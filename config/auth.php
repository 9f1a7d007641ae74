<?php

declare(strict_types=1);

/** Beside Laravel's own: every sign-in hashes one password (App\Http\Requests\SignInRequest), so none waits for a fixed time. */
return ['timebox_duration' => 0];
