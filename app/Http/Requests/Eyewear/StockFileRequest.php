<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Imports\Eyewear\StockFile;
use App\Imports\ImportFaults;
use App\Imports\Limits;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\Supplier;
use App\Models\User;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A table of lots. */
final class StockFileRequest extends FormRequest
{
    /** @var list<Lot> */
    private array $lots = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['stock' => ['required', 'file', 'max:' . Limits::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['stock.*' => __('Choose a CSV file of at most :most MB.', ['most' => Limits::KILOBYTES / 1024])];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            /** @var User $user */
            $user = $this->user();
            $file = $this->file('stock');
            if ($validator->errors()->isNotEmpty() || !$file instanceof UploadedFile) {
                return;
            }
            try {
                /** @var array<string, int> $suppliers */
                $suppliers = Supplier::query()->where('organisation_id', $user->organisation_id)->pluck('id', 'name')->all();
                $this->lots = StockFile::read($file->getPathname(), $suppliers);
            } catch (ImportFaults $e) {
                foreach ($e->told() as $fault) {
                    $validator->errors()->add('stock', $fault);
                }
            }
        }];
    }

    /** @return list<Lot> not stored yet */
    public function lots(): array
    {
        return $this->lots;
    }
}
