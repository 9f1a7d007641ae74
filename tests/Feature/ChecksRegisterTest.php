<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\Sky\DiscSample;
use App\Exports\Logbook\Dataset;
use App\Exports\Logbook\DropRecord;
use App\Exports\Logbook\LogTable;
use App\Exports\Photo\ShotTable;
use App\Exports\RunSheet\RotaTable;
use App\Exports\RunSheet\SheetTable;
use App\Exports\Site\PlanFeatures;
use App\Exports\Sky\CircumstancesRecord;
use App\Exports\Sky\EclipseRecord;
use App\Exports\Sky\PathFeatures;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\RunSheet\Cues\UsualRequest;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LunarSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\DesignFigures;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Light;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionProperty;
use Symfony\Component\Finder\Finder;
use Tests\TestCase;

/** docs/CHECKS.md against the program: every figure that is given has a row, and every check that a row names is there. */
final class ChecksRegisterTest extends TestCase
{
    public function testEveryKeyOfACommandOrExportIsInTheRegister(): void
    {
        $solar = (new EclipseSearch())->onDate('2027-08-02');
        $lunar = null;
        foreach ((new LunarSearch())->inYears(2026, 2026) as $eclipse) {
            $lunar ??= $eclipse;
        }
        self::assertNotNull($lunar);
        $features = PathFeatures::of($solar)['features'];
        self::assertIsArray($features);
        $plan = SitePlan::of([Thing::of(ThingKind::Tree, 'tree', [new PlanPoint(1, 1)], 4, 2)], HorizonProfile::level(), 0.5);
        $keys = [
            'circumstances' => [...CircumstancesRecord::KEYS, ...CircumstancesRecord::LOCAL_KEYS],
            'eclipses' => [...array_keys(EclipseRecord::ofSolar($solar)), ...array_keys(EclipseRecord::ofLunar($lunar))],
            'sun' => self::keysOf('sky:sun', "date,lat,lon,height_m,time\n2027-08-02,36,-6,0,12:00\n"),
            'path' => self::properties($features),
            'plan' => self::properties(PlanFeatures::of($plan, new LocalTangentPlane(36, -6))['features']),
            'design' => array_merge(...array_map(
                static fn(Build $build): array => array_keys(DesignFigures::of(DesignRecord::read(['build' => $build->value, 'text' => 'SOL'], isWhole: false), Light::of())),
                Build::cases(),
            )),
            'photo' => self::keysOf('photo:plan', '{"focal_mm":400,"f_number":8,"iso":100,"pixel_um":4,"sensor_mm":[36,24],"filter_od":5,"sun_diameter_arcmin":32,"totality_s":0,"shots":[]}', 'plan'),
            'shots' => ShotTable::KEYS,
            'usual' => array_keys(UsualRequest::read(['lat' => 36, 'lon' => -6, 'timezone' => 'Europe/Madrid', 'eclipse' => '2027-08-02'])->answer(static fn(): string => '')[0]),
            'sheet' => SheetTable::KEYS,
            'people' => RotaTable::KEYS,
            'temperature' => DropRecord::KEYS,
            'log' => LogTable::KEYS,
            'dataset' => Dataset::KEYS,
            'disc' => array_keys(DiscSample::of($solar->circumstances(Observer::at(36, -6))->maximum, '', '')->jsonSerialize()),
        ];
        $this->assertRegistered(array_merge(...array_map(
            static fn(string $what, array $of): array => array_map(static fn(int|string $key): string => "{$what}:{$key}", $of),
            array_keys($keys),
            $keys,
        )), '/^(circumstances|eclipses|sun|path|plan|design|usual|photo|shots|sheet|people|temperature|log|dataset|disc):/');
    }

    /** Whatever a page object or a drawing hands to a view: a figure with a row, or named there as none. */
    public function testWhateverAPageShowsIsInTheRegister(): void
    {
        $properties = [];
        foreach (Finder::create()->files()->in(array_map(static fn(string $layer): string => dirname(__DIR__, 2) . "/app/{$layer}", ['Domain', 'Drawings', 'Pages']))->name('*.php') as $file) {
            $class = 'App' . str_replace('/', '\\', substr($file->getPathname(), strlen(dirname(__DIR__, 2) . '/app'), -4));
            self::assertTrue(class_exists($class) || interface_exists($class), $class);
            foreach ((new ReflectionClass($class))->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
                $type = $property->getType();
                // Objects have rows of their own; yes and no follow from figures.
                if ($type instanceof ReflectionNamedType && $type->isBuiltin() && $type->getName() !== 'bool') {
                    $properties[] = $file->getFilenameWithoutExtension() . '.' . $property->getName();
                }
            }
        }
        self::assertGreaterThan(150, count($properties));
        $this->assertRegistered($properties, '/^[A-Z]\w+\.\w+$/');
    }

    /** A check that is named and is not there would be a promise. */
    public function testEveryCheckThatIsNamedIsThere(): void
    {
        $sources = '';
        foreach (Finder::create()->files()->in([dirname(__DIR__, 2) . '/tests', dirname(__DIR__, 2) . '/core/tests', dirname(__DIR__, 2) . '/e2e'])->name(['*.php', '*.js', '*.mjs']) as $file) {
            $sources .= Str::before($file->getFilename(), '.') . "\n" . $file->getContents();
        }
        preg_match_all('/\b(\w+Test)::(\w+)|\b([\w-]+\.(?:spec\.js|test\.mjs))/', self::register(), $named, PREG_SET_ORDER);
        self::assertGreaterThan(40, count($named));
        foreach ($named as $check) {
            $needle = ($check[2] ?? '') === '' ? Str::before($check[3] ?? '', '.') : "function test{$check[2]}(";
            self::assertStringContainsString($needle, $sources, $check[0]);
        }
    }

    /** Every row has a check, or says in so many words what it stands on. */
    public function testNoRowIsLeftOpen(): void
    {
        $rows = 0;
        foreach (explode("\n", self::register()) as $line) {
            if (preg_match('/^\| (?!figure|---)/', $line) !== 1) {
                continue;
            }
            $cells = array_map(trim(...), explode(' | ', trim($line, '| ')));
            self::assertCount(6, $cells, $line);
            self::assertNotContains('', $cells, $line);
            self::assertMatchesRegularExpression('/Test::|\.spec\.js|\.test\.mjs|\*none yet\*/', $cells[3], $line);
            ++$rows;
        }
        self::assertGreaterThan(30, $rows);
        self::assertLessThan(5, substr_count(self::register(), '| *none yet*'));
    }

    /**
     * @param list<string> $given what the program gives
     * @param string $form of such names in the register
     */
    private function assertRegistered(array $given, string $form): void
    {
        preg_match_all('/`([^`\s]+)`/', self::register(), $found);
        $registered = array_values(array_unique(array_filter($found[1], static fn(string $name): bool => preg_match($form, $name) === 1)));

        self::assertSame([], array_values(array_diff(array_unique($given), $registered)), 'given, but not in docs/CHECKS.md');
        self::assertSame([], array_values(array_diff($registered, $given)), 'in docs/CHECKS.md, but not given any more');
    }

    /** @return list<string> keys of the first record that a command writes for a table of sites */
    private static function keysOf(string $command, string $input, string $argument = 'sites'): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'keys');
        file_put_contents($path, $input);
        Artisan::call($command, [$argument => $path]);
        unlink($path);
        $record = json_decode(explode("\n", Artisan::output())[0], true);

        return is_array($record) ? array_map(strval(...), array_keys($record)) : [];
    }

    /** @return list<string> */
    private static function properties(mixed $features): array
    {
        $keys = [];
        foreach (is_array($features) ? $features : [] as $feature) {
            self::assertIsArray($feature);
            self::assertIsArray($feature['properties']);
            array_push($keys, ...array_map(strval(...), array_keys($feature['properties'])));
        }

        return array_values(array_unique($keys));
    }

    private static function register(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2) . '/docs/CHECKS.md');
    }
}
