@include('errors.500')
