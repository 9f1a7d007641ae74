<x-refusal :headline="__('There is nothing here.')">
    {{ __('The address is wrong, the thing was removed, or it belongs to another organisation.') }}
</x-refusal>
