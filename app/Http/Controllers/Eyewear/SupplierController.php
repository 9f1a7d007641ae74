<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Http\Requests\Eyewear\SupplierRequest;
use App\Models\Event;
use App\Models\Eyewear\Supplier;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;

/** The organisation's own register of suppliers. */
final class SupplierController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function index(Event $event): View
    {
        return view('eyewear.suppliers', [
            'frame' => $this->frames->of($event),
            'suppliers' => Supplier::query()->where('organisation_id', $event->organisation_id)->withCount('lots')->orderBy('name')->get(),
        ]);
    }

    public function create(Event $event): View
    {
        return $this->form($event, null);
    }

    public function store(SupplierRequest $request, Event $event): RedirectResponse
    {
        Supplier::makeOnce($request->uuid(), $request->fields() + ['organisation_id' => $event->organisation_id]);

        return redirect()->route('eyewear.suppliers', $event)->with('status', __('Saved.'));
    }

    public function edit(Event $event, Supplier $supplier): View
    {
        return $this->form($event, $supplier);
    }

    public function update(SupplierRequest $request, Event $event, Supplier $supplier): RedirectResponse
    {
        $supplier->changeFrom($request->version(), $request->fields());

        return redirect()->route('eyewear.suppliers', $event)->with('status', __('Saved.'));
    }

    private function form(Event $event, ?Supplier $supplier): View
    {
        $frame = $this->frames->of($event);

        return view('eyewear.supplier-form', ['frame' => $frame, 'supplier' => $supplier, 'today' => $frame->here->local(Date::now()->toDateTimeImmutable())->format('Y-m-d')]);
    }
}
