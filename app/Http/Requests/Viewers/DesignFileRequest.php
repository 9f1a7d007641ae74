<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Http\Requests\ReadsEdits;
use App\Imports\ImportException;
use App\Imports\Viewers\DesignFile;
use App\Text\PlainText;
use App\Text\Refusals;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;

/** A design as a file: read in full and judged before anything is stored. */
final class DesignFileRequest extends FormRequest
{
    use ReadsEdits;

    private ?Design $design = null;
    private string $name = '';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editRules(), 'design' => ['required', 'file', 'max:' . DesignFile::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->editMessages(), 'design.*' => __('Choose a file with one design, of at most :most kB.', ['most' => DesignFile::KILOBYTES])];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $file = $this->file('design');
            if ($validator->errors()->isNotEmpty() || !$file instanceof UploadedFile) {
                return;
            }
            try {
                $given = DesignFile::parse((string) file_get_contents($file->getPathname()));
                DesignRecord::light($given);
                $this->design = DesignRecord::read($given, isWhole: false);
                $name = is_string($given['name'] ?? null) ? $given['name'] : pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME);
                $this->name = Str::limit(trim(PlainText::of($name)), 70, '…');
            } catch (ImportException $e) {
                $validator->errors()->add('design', $e->getMessage());
            } catch (Refusal $e) {
                $validator->errors()->add('design', Refusals::words($e));
            }
        }];
    }

    public function design(): Design
    {
        return $this->design ?? abort(422);
    }

    /** What the file calls it, or what the file is called. */
    public function name(): string
    {
        return $this->name === '' ? __('Viewer') : $this->name;
    }
}
