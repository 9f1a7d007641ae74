<x-refusal :headline="__('This page was open too long.')">
    {{ __('Go back, load the page again and send it once more; what you typed is still in the page you came from.') }}
</x-refusal>
