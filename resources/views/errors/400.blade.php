<x-refusal :headline="__('This cannot be read.')">
    {{ __('What was sent is not text in UTF-8. Nothing was stored.') }}
</x-refusal>
