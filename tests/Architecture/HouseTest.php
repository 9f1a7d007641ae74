<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpToken;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Finder\SplFileInfo;

/** What the house's order asks for and no type checker sees. */
final class HouseTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';
    private const MOST_LINES = 250;
    private const MOST_LINES_OF_A_FUNCTION = 48;
    private const MOST_ARGUMENTS = 6;

    /** What the job computes is computed in core and made ready in app/Pages: a view only shows it. */
    public function testViewsDoNoArithmetic(): void
    {
        $read = 0;
        foreach (self::files('resources/views', '*.blade.php') as $view) {
            preg_match_all('/\{\{(?!--)(.+?)\}\}|@(?:if|php|foreach|elseif|unless)\s*\((.+?)\)\s*$/m', $view->getContents(), $found);
            foreach ([...$found[1], ...$found[2]] as $expression) {
                $code = preg_replace('/\'(?:[^\'\\\\]|\\\\.)*\'|"(?:[^"\\\\]|\\\\.)*"/', "''", $expression);
                self::assertDoesNotMatchRegularExpression('~[*%]|(?<![a-z])/|\s[+-]\s~', (string) $code, $view->getRelativePathname());
                ++$read;
            }
        }
        self::assertGreaterThan(100, $read);
    }

    /** Of two directories at most one uses the other, by whatever way round. Models are left out: a relation has two ends. */
    public function testNoCircleBetweenDirectories(): void
    {
        $uses = [];
        foreach (self::files(['app', 'core/src'], '*.php') as $file) {
            preg_match('/^namespace (.+);$/m', $file->getContents(), $own);
            preg_match_all('/^use ((?:App|KeenShadow)\\\\.+)\\\\\w+;$/m', $file->getContents(), $used);
            foreach ($used[1] as $other) {
                if ($other !== ($own[1] ?? '') && !str_starts_with($other, 'App\Models') && !str_starts_with($own[1] ?? '', 'App\Models')) {
                    $uses[$own[1] ?? ''][$other] = true;
                }
            }
        }
        self::assertGreaterThan(30, count($uses));
        foreach (array_keys($uses) as $start) {
            self::assertArrayNotHasKey($start, self::reached($start, $uses), "{$start} comes back to itself");
        }
    }

    /**
     * A sentence for people is put together where their language is known. In core there are whole ones only: the rules',
     * by which a translation is found, and the words for a verdict.
     */
    public function testCoreBuildsNoSentences(): void
    {
        $words = '/[A-Za-z]{2,} [a-z]{2,}/';
        $sentences = 0;
        foreach (self::files('core/src', '*.php') as $file) {
            $mayHaveSentences = preg_match('/(new Finding|Finding::measured)\(|implements Subject|(Rule|Item|Choice|Question)::(of|allows|asks|forbids|warns)\(|enum (Source|Reason|Supply|Strength|Part|Disagreement|Danger|Measure)\b|class Standard/', $file->getContents()) === 1;
            foreach (PhpToken::tokenize($file->getContents()) as $token) {
                if ($token->is(T_ENCAPSED_AND_WHITESPACE)) {
                    self::assertDoesNotMatchRegularExpression($words, $token->text, "{$file->getRelativePathname()}:{$token->line}");
                }
                if ($token->is(T_CONSTANT_ENCAPSED_STRING) && preg_match($words, $token->text) === 1) {
                    self::assertTrue($mayHaveSentences, "{$file->getRelativePathname()}:{$token->line}: {$token->text}");
                    ++$sentences;
                }
                self::assertFalse($token->is(T_STRING) && in_array($token->text, ['number_format', 'ucfirst', 'lcfirst'], true), "{$file->getRelativePathname()}:{$token->line}");
            }
        }
        self::assertGreaterThan(50, $sentences, 'the rules are looked at');
    }

    /** Whatever core refuses there are words for, and no words are left over. */
    public function testEveryRefusalHasWords(): void
    {
        /** @var array<string, array<string, string|array<string, string>>> $words */
        $words = require self::ROOT . '/lang/en/refusals.php';
        $known = $used = [];
        foreach ($words as $room => $lines) {
            array_push($known, ...array_map(static fn(string $reason): string => "{$room}.{$reason}", array_keys(array_diff_key($lines, ['what' => 1]))));
        }
        foreach (self::files('core/src', '*Exception.php') as $file) {
            preg_match_all("/new self\('(\w+)'/", $file->getContents(), $found);
            array_push($used, ...array_map(static fn(string $reason): string => strtolower($file->getRelativePath()) . ".{$reason}", $found[1]));
        }
        sort($known);
        sort($used);
        self::assertGreaterThan(20, count($used));
        self::assertSame($known, array_values(array_unique($used)));
    }

    /** A file is read at one sitting, a function on one screen. Tables of numbers are data, and a migration is one step. */
    public function testFilesAndFunctionsAreShort(): void
    {
        $functions = 0;
        foreach (self::files(['app', 'bench', 'core/src', 'core/tests', 'database', 'e2e', 'resources/js', 'resources/scss', 'resources/views', 'routes', 'tests'], '/\.(php|m?js|scss)$/') as $file) {
            $lines = explode("\n", $file->getContents());
            self::assertLessThanOrEqual(self::MOST_LINES, count($lines) - 1, $file->getRelativePathname());
            foreach (str_contains($file->getPathname(), 'migrations') ? [] : $lines as $number => $line) {
                if (preg_match('/^    (?:(?:public|protected|private|static|abstract|final) )*function (\w+)/', $line, $found) === 1 && $found[1] !== '__construct') {
                    $length = (int) array_search('    }', array_slice($lines, $number), true);
                    self::assertLessThanOrEqual(self::MOST_LINES_OF_A_FUNCTION, $length, "{$file->getRelativePathname()} {$found[1]}()");
                    ++$functions;
                }
            }
        }
        self::assertGreaterThan(1000, $functions);
    }

    /** Nobody counts to the ninth of eleven arguments. */
    public function testManyArgumentsOfAConstructorAreNamed(): void
    {
        $calls = 0;
        foreach (self::files(['app', 'core/src'], '*.php') as $file) {
            preg_match('/function __construct\((.*?)\n    \)/s', $file->getContents(), $constructor);
            if (preg_match_all('/\$\w+,/', $constructor[1] ?? '') > self::MOST_ARGUMENTS) {
                preg_match_all('/new self\(\s*(\w+: |\.{3})?/', $file->getContents(), $found);
                self::assertNotContains('', $found[1], $file->getRelativePathname());
                $calls += count($found[1]);
            }
        }
        self::assertGreaterThan(20, $calls);
    }

    public function testTheLockFileHoldsNoAddresses(): void
    {
        self::assertStringNotContainsString('"resolved"', (string) file_get_contents(self::ROOT . '/package-lock.json'));
    }

    /**
     * @param array<string, array<string, true>> $uses
     *
     * @return array<string, true> whatever a namespace uses, directly or by others
     */
    private static function reached(string $start, array $uses): array
    {
        $reached = [];
        $open = array_keys($uses[$start]);
        while (($next = array_pop($open)) !== null) {
            if (!isset($reached[$next])) {
                $reached[$next] = true;
                array_push($open, ...array_keys($uses[$next] ?? []));
            }
        }

        return $reached;
    }

    /**
     * @param string|list<string> $folders
     *
     * @return iterable<SplFileInfo>
     */
    private static function files(string|array $folders, string $name): iterable
    {
        return Finder::create()->files()->in(array_map(static fn(string $folder): string => self::ROOT . '/' . $folder, (array) $folders))->name($name);
    }
}
