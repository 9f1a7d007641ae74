<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use App\Imports\ImportException;
use App\Imports\RunSheet\SheetFile;
use App\Text\Refusals;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\RunSheetException;

/** A run sheet as a file: read in full and judged before anything is stored. */
final class SheetFileRequest extends FormRequest
{
    use SeesSheet;

    private ?Sheet $sheet = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'sheet' => ['required', 'file', 'max:' . SheetFile::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'sheet.*' => __('Choose a file with one run sheet, of at most :most kB.', ['most' => SheetFile::KILOBYTES])];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $file = $this->file('sheet');
            if ($validator->errors()->isNotEmpty() || !$file instanceof UploadedFile) {
                return;
            }
            try {
                $this->sheet = SheetFile::parse((string) file_get_contents($file->getPathname()));
            } catch (ImportException $e) {
                $validator->errors()->add('sheet', $e->getMessage());
            } catch (RunSheetException $e) {
                $validator->errors()->add('sheet', Refusals::words($e));
            }
        }];
    }

    public function sheet(): Sheet
    {
        return $this->sheet ?? abort(422);
    }
}
