<?php

declare(strict_types=1);

namespace App\Http\Requests\Sky;

use App\Pages\Sky\PlaceTable;
use Illuminate\Foundation\Http\FormRequest;

/** How the table of places is sorted; what makes no sense is taken as the order of the file. */
final class PlaceSortRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function column(): string
    {
        $column = ltrim($this->sort(), '-');

        return array_key_exists($column, PlaceTable::columns()) ? $column : 'position';
    }

    public function isDescending(): bool
    {
        return str_starts_with($this->sort(), '-');
    }

    private function sort(): string
    {
        $sort = $this->query('sort');

        return is_string($sort) ? $sort : '';
    }
}
