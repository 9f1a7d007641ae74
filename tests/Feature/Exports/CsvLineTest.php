<?php

declare(strict_types=1);

namespace Tests\Feature\Exports;

use App\Exports\CsvLine;
use PHPUnit\Framework\TestCase;

/** RFC 4180, and OWASP's page on CSV injection (from memory): a text never begins as a formula, and a number stays one. */
final class CsvLineTest extends TestCase
{
    public function testCells(): void
    {
        self::assertSame("name,-6.29,-6.29,,true,false,7\r\n", CsvLine::of(['name', -6.29, '-6.29', null, true, false, 7]));
        self::assertSame("\"a, b\",\"say \"\"yes\"\"\",\"two\nlines\"\r\n", CsvLine::of(['a, b', 'say "yes"', "two\nlines"]));
    }

    public function testNoTextIsAFormula(): void
    {
        self::assertSame("'=1+1,'+34 956,'-school,'@home\r\n", CsvLine::of(['=1+1', '+34 956', '-school', '@home']));
        self::assertSame("\"'=HYPERLINK(\"\"x\"\")\",\"'\r=1\"\r\n", CsvLine::of(['=HYPERLINK("x")', "\r=1"]));
    }
}
