<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\ReadsEdits;
use App\Imports\Limits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A picture and what it shows. */
final class PictureRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'caption' => ['required', 'string', 'max:200'], 'file' => ['required', 'file', 'max:' . Limits::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['uuid.*' => __('This form is not whole: load the page again.'), 'caption.*' => __('Say in at most 200 letters what it shows.'), 'file.*' => __('Choose a JPEG, PNG or WebP picture of at most :most MB.', ['most' => Limits::KILOBYTES / 1024])];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
