<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Imports\ImportException;
use App\Imports\Viewers\SvgOutline;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use KeenShadow\Core\Viewers\Pattern\Outline;

/** An SVG drawing whose outlines a pattern of holes is to follow; nothing of it is stored. */
final class OutlineRequest extends FormRequest
{
    private ?Outline $outline = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['svg' => ['required', 'file', 'max:' . SvgOutline::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['svg.*' => __('Choose an SVG drawing of at most :most kB.', ['most' => SvgOutline::KILOBYTES])];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $file = $this->file('svg');
            if ($validator->errors()->isNotEmpty() || !$file instanceof UploadedFile) {
                return;
            }
            try {
                $this->outline = SvgOutline::read((string) file_get_contents($file->getPathname()));
            } catch (ImportException $e) {
                $validator->errors()->add('svg', $e->getMessage());
            }
        }];
    }

    public function outline(): Outline
    {
        return $this->outline ?? abort(422);
    }
}
