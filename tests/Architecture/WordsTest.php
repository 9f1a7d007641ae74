<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** What the program says, read whole: nowhere does it call something safe or certified without what that hangs on. */
final class WordsTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';
    private const PROMISES = '/\b(certif\w*|safe(?:ly|ty|r|st)?|harmless|risk[- ]free|guarante\w*|approved)\b/i';

    /** Sentences that may hold such a word: it is denied, asked, said of what is stored, or the name of a kind of cue and no sentence at all. */
    private const ALLOWED = [
        '/\b(?:does not|not|nothing|never) certif/i', '/certifies nothing/i', '/is (?:it safe to look|this safe)\?/i', '/What was stored(?: before)? is safe/i', '/^\'safety\'$/i',
    ];

    public function testNothingIsCalledSafeOrCertifiedWithoutItsConditions(): void
    {
        $read = 0;
        $promises = [];
        foreach (Finder::create()->files()->in(array_map(static fn(string $f): string => self::ROOT . "/{$f}", ['app', 'core/src', 'lang', 'resources/views', 'resources/js', 'database/seeders']))->name(['*.php', '*.js']) as $file) {
            foreach (self::sentences($file->getExtension(), $file->getContents()) as $sentence) {
                ++$read;
                $bare = preg_replace(self::ALLOWED, '', $sentence);
                if (preg_match(self::PROMISES, (string) $bare) === 1) {
                    $promises[] = "{$file->getRelativePathname()}: {$sentence}";
                }
            }
        }
        self::assertGreaterThan(3000, $read);
        self::assertSame([], $promises);
    }

    /** @return iterable<string> what a file may say: its strings, and the text of a view; comments say nothing to anybody */
    private static function sentences(string $extension, string $contents): iterable
    {
        if ($extension === 'js') {
            preg_match_all('/"(?:[^"\\\\\n]|\\\\.)*"|`[^`]*`/', (string) preg_replace('~/\*.*?\*/|(?<!:)//[^\n]*~s', '', $contents), $found);

            return $found[0];
        }
        $tokens = array_filter(token_get_all($contents), static fn(array|string $token): bool => is_array($token) && in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML], true));
        // A view's own comments are left out; what its directives hold is read with it.
        $texts = array_map(static fn(array|string $token): string => (string) preg_replace('/\{\{--.*?--\}\}/s', '', $token[1]), $tokens);

        return array_merge(...array_map(static fn(string $text): array => explode("\n", (string) preg_replace('/(?<=[.?!])\s+/', "\n", $text)), array_values($texts)));
    }
}
