<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsEdits;
use App\Imports\Limits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A photo of a label, or a report. */
final class LotFileRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editRules(), 'name' => ['required', 'string', 'max:80'], 'file' => ['required', 'file', 'max:' . Limits::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->editMessages(), 'name.*' => __('Say in at most 80 letters what it shows.'), 'file.*' => __('Choose a photo (JPEG, PNG, WebP) or a PDF of at most :most MB.', ['most' => Limits::KILOBYTES / 1024])];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
