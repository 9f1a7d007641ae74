<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

final class ArchitectureTest extends TestCase
{
    /** What the job computes is computed in core and made ready in app/Pages: a view only shows it. */
    public function testViewsDoNoArithmetic(): void
    {
        $read = 0;
        foreach (Finder::create()->files()->in(dirname(__DIR__, 2) . '/resources/views')->name('*.blade.php') as $view) {
            preg_match_all('/\{\{(?!--)(.+?)\}\}|@(?:if|php|foreach|elseif|unless)\s*\((.+?)\)\s*$/m', $view->getContents(), $found);
            foreach ([...$found[1], ...$found[2]] as $expression) {
                $code = preg_replace('/\'(?:[^\'\\\\]|\\\\.)*\'|"(?:[^"\\\\]|\\\\.)*"/', "''", $expression);
                self::assertDoesNotMatchRegularExpression('~[*%]|(?<![a-z])/|\s[+-]\s~', (string) $code, $view->getRelativePathname());
                ++$read;
            }
        }
        self::assertGreaterThan(100, $read);
    }

    public function testTheLockFileHoldsNoAddresses(): void
    {
        self::assertStringNotContainsString('"resolved"', (string) file_get_contents(dirname(__DIR__, 2) . '/package-lock.json'));
    }
}
