<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\Catalogue;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LunarSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Tests\ReferenceTable;
use PHPUnit\Framework\TestCase;

/** The catalogue in core/data against the series it was made from: a dozen eclipses taken at random, built anew. */
final class CatalogueTest extends TestCase
{
    private const DATA = __DIR__ . '/../../data';

    public function testARandomDozenOfSolarEclipsesComesOutTheSame(): void
    {
        $rows = ReferenceTable::read(self::DATA . '/solar-eclipses.csv');
        self::assertCount(687, $rows);
        foreach (array_rand($rows, 12) as $i) {
            $row = $rows[$i];
            $anew = Catalogue::solarRow((new EclipseSearch())->onDate($row['date']));
            foreach ($row as $column => $value) {
                is_numeric($value)
                    ? self::assertEqualsWithDelta((float) $value, (float) $anew[$column], 1e-9, "{$row['date']} {$column}")
                    : self::assertSame($value, $anew[$column]);
            }
        }
    }

    public function testARandomDozenOfLunarEclipsesComesOutTheSame(): void
    {
        $rows = ReferenceTable::read(self::DATA . '/lunar-eclipses.csv');
        self::assertCount(695, $rows);
        foreach (array_rand($rows, 12) as $i) {
            $row = $rows[$i];
            $found = [];
            foreach ((new LunarSearch())->inYears((int) $row['date'], (int) $row['date']) as $eclipse) {
                $found[$eclipse->date()] = Catalogue::lunarRow($eclipse);
            }
            self::assertArrayHasKey($row['date'], $found);
            foreach ($row as $column => $value) {
                is_numeric($value)
                    ? self::assertEqualsWithDelta((float) $value, (float) $found[$row['date']][$column], 1e-8, "{$row['date']} {$column}")
                    : self::assertSame($value, $found[$row['date']][$column]);
            }
        }
    }

    public function testARowGivesBackTheEclipseItWasMadeOf(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2027-08-02');
        $back = Catalogue::solarEclipse(Catalogue::solarRow($eclipse));
        $site = Observer::at(36.53, -6.29);
        $before = $eclipse->circumstances($site)->contact(ContactName::C2);
        $after = $back->circumstances($site)->contact(ContactName::C2);

        self::assertNotNull($before);
        self::assertNotNull($after);
        self::assertEqualsWithDelta($before->view->hours, $after->view->hours, 1e-9);
    }
}
