@if (session('status'))
    <p class="status" role="status">{{ session('status') }}</p>
@endif
