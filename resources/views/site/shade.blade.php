<svg data-path="{{ $shade->path }}" hidden></svg><b>{{ $shade->time }}</b> {{ $shade->words }}
