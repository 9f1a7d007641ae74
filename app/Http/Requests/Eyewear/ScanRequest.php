<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsEdits;
use App\Imports\Limits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\Spectrum\Lens;

/** A scan of a lens as a file. */
final class ScanRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editRules(), 'name' => ['required', 'string', 'max:60'], 'lens' => ['required', Rule::enum(Lens::class)], 'file' => ['required', 'file', 'max:' . Limits::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->editMessages(), 'name.*' => __('A name of at most 60 letters, such as the pair\'s tag.'), 'lens.*' => __('Choose the lens.'), 'file.*' => __('Choose a CSV file of at most :most MB.', ['most' => Limits::KILOBYTES / 1024])];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
