<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="description" content="The standard, the schemes, the bench and the checks of a studio that paints miniature figures to order.">
    <title>Ordotype</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16'%3E%3Cpath d='M2 12h12v3H2zM4 7h10v3H4zM6 2h8v3H6z'/%3E%3C/svg%3E">
    {{-- Words are set in it from the first moment on, and nothing moves when it comes. --}}
    <link rel="preload" as="font" type="font/woff2" crossorigin href="{{ Vite::asset('node_modules/@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2') }}">
    @vite('resources/js/app/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Ordotype needs JavaScript.</noscript>
</body>
</html>
