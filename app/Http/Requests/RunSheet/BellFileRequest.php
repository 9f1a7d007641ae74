<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use App\Imports\ImportException;
use App\Imports\RunSheet\BellFile;
use App\Models\Event;
use App\Text\Refusals;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use KeenShadow\Core\RunSheet\Rota\Bell;
use KeenShadow\Core\RunSheet\RunSheetException;

/** A school's timetable as a file: read in full before anything is stored. */
final class BellFileRequest extends FormRequest
{
    use SeesSheet;

    /** @var list<Bell>|null */
    private ?array $bells = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'timetable' => ['required', 'file', 'max:' . BellFile::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'timetable.*' => __('Choose a table (CSV) or a calendar (iCalendar) of at most :most kB.', ['most' => BellFile::KILOBYTES])];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            [$file, $event] = [$this->file('timetable'), $this->route('event')];
            if ($validator->errors()->isNotEmpty() || !$file instanceof UploadedFile || !$event instanceof Event) {
                return;
            }
            try {
                $this->bells = BellFile::read($file->getPathname(), new DateTimeImmutable($event->eclipse_date->format('Y-m-d'), new DateTimeZone($event->timezone)));
            } catch (ImportException $e) {
                $validator->errors()->add('timetable', $e->getMessage());
            } catch (RunSheetException $e) {
                $validator->errors()->add('timetable', Refusals::words($e));
            }
        }];
    }

    /** @return list<Bell> */
    public function bells(): array
    {
        return $this->bells ?? abort(422);
    }
}
