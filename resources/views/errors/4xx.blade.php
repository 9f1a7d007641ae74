<x-refusal :headline="__('This cannot be answered.')">
    {{ __('What was asked is not in a form that is understood here. Nothing was changed.') }}
</x-refusal>
