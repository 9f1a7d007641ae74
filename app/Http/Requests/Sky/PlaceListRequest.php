<?php

declare(strict_types=1);

namespace App\Http\Requests\Sky;

use App\Http\Requests\ReadsEdits;
use App\Imports\ImportFaults;
use App\Imports\Limits;
use App\Imports\Sky\PlaceFile;
use App\Imports\Sky\PlaceInput;
use App\Text\PlainText;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

/** A file of places, read in full and checked before anything is written. */
final class PlaceListRequest extends FormRequest
{
    use ReadsEdits;

    /** @var list<PlaceInput> */
    private array $places = [];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->editRules() + ['name' => ['nullable', 'string', 'max:120'], 'file' => ['required', 'file', 'max:' . Limits::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->editMessages() + ['file.required' => __('Choose a file of places.'), 'file.*' => __('The file is a CSV, GPX, KML or GeoJSON file of at most 5 MB.')];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $file = $this->file('file');
            if ($validator->errors()->isNotEmpty() || !$file instanceof UploadedFile) {
                return;
            }
            try {
                $this->places = PlaceFile::read($file->getPathname());
            } catch (ImportFaults $e) {
                foreach ($e->told() as $fault) {
                    $validator->errors()->add('file', $fault);
                }
            }
        }];
    }

    /** @return list<PlaceInput> */
    public function places(): array
    {
        return $this->places;
    }

    public function listName(): string
    {
        $file = $this->file('file');
        $named = $file instanceof UploadedFile ? mb_substr(PlainText::of(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME)), 0, 120) : '';

        return match (true) {
            $this->filled('name') => $this->string('name')->toString(),
            $named !== '' => $named,
            default => __('Places'),
        };
    }
}
