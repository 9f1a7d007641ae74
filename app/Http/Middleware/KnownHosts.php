<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Middleware\TrustHosts;

/** Laravel's own check of the Host header, in every environment and for exactly the names of config/trust.php. */
final class KnownHosts extends TrustHosts
{
    /** @return list<string> patterns */
    public function hosts(): array
    {
        /** @var list<string> $names */
        $names = config()->array('trust.hosts');

        return array_map(static fn(string $name): string => '^' . preg_quote($name) . '$', $names);
    }

    protected function shouldSpecifyTrustedHosts(): bool
    {
        return true;
    }
}
