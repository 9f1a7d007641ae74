<?php

declare(strict_types=1);

/** Asks for the run sheets of 200 places and says how many are made: `php bench/sheets.php ask`, `php bench/sheets.php made`. */
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Jobs\RunSheet\MakeSheets;
use App\Jobs\Sky\ComputePlaces;
use App\Models\Event;
use App\Models\RunSheet\SheetBundle;
use App\Models\Sky\ListedPlace;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Str;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const PLACES = 200;

if (($argv[1] ?? '') === 'ask') {
    $event = Event::query()->whereNotNull('sheet_revision_id')->orderBy('id')->firstOrFail();
    $list = $event->placeLists()->create(['uuid' => Str::uuid()->toString(), 'name' => 'District', 'size' => PLACES]);
    ListedPlace::query()->insert(array_map(static fn(int $i): array => ['place_list_id' => $list->id, 'position' => $i, 'name' => "School {$i}", 'lat' => 36.4 + 0.004 * $i, 'lon' => -6.3 + 0.003 * $i, 'height_m' => 10], range(0, PLACES - 1)));
    (new ComputePlaces($list->id, 0))->handle(app(Eclipses::class), app(Gazetteer::class));
    MakeSheets::dispatchFor($event->sheetBundles()->create(['uuid' => Str::uuid()->toString(), 'place_list_id' => $list->id, 'paper' => 'a4', 'size' => PLACES, 'sequence' => $event->sequence]));
} else {
    $bundle = SheetBundle::query()->sole();
    echo $bundle->made() === $bundle->size ? "all\n" : "{$bundle->made()} of {$bundle->size}\n";
}
