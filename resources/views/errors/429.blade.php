<x-refusal :headline="__('Too many tries.')">
    {{ __('Wait a minute, then try again.') }}
</x-refusal>
