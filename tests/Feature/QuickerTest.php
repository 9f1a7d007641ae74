<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\RunSheet\Helper;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Somebody else takes a name between the look whether it is free and the writing: said at the field, as it would have been a moment later. */
final class QuickerTest extends TestCase
{
    use RefreshDatabase;
    use RichEvent;
    use WithEvent;

    /** @param string $record of the rich event */
    #[TestWith(['viewer', 'name'])]
    #[TestWith(['photoPlan', 'name'])]
    #[TestWith(['kitItem', 'name'])]
    #[TestWith(['helper', 'name'])]
    #[TestWith(['audienceGroup', 'name'])]
    #[TestWith(['supplier', 'name'])]
    #[TestWith(['lot', 'label'])]
    public function testATakenNameIsSaidAtItsField(string $record, string $field): void
    {
        $row = $this->richEvent($this->user)[$record];
        self::assertInstanceOf(Model::class, $row);
        // But for its number and what the database works out.
        $said = array_filter($row->refresh()->getAttributes(), static fn(string $column): bool => $column !== 'id' && !str_ends_with($column, '_kind'), ARRAY_FILTER_USE_KEY);
        $twin = ['uuid' => Str::uuid()->toString()] + ($record === 'helper' ? ['duty_key' => Helper::newKey()] : []) + $said;
        Route::post('/twin', static fn(): bool => DB::transaction(static fn(): bool => DB::table($row->getTable())->insert($twin)))->middleware('web');
        $this->from('/form')->post('/twin')->assertRedirect('/form')->assertSessionHasErrors($field);
        self::assertSame(1, DB::table($row->getTable())->where($field, $row->getAttribute($field))->count());
    }
}
